import { isDeepStrictEqual } from 'node:util';
import { notedCoatsOf, entrySchema, type Kept, type LogEntry, type Pot } from '@yellow-ledger/core';
import type { Knex } from 'knex';
import { inParts, insertMany, valuesAtOnce } from '../db/inParts';
import { pagesOf } from '../db/pagesOf';
import { parsed, readableOnly, type RecordStore } from '../db/recordStore';
import type { UsedPaint } from './usedPaint';

/** A row of the log; what is searched for stands beside the entry itself. */
interface LogRow {
  sequence: number;
  id: string;
  bench_id: string;
  /** for a strike: the entry that is struck out */
  struck_id: string | null;
  saved_at: string;
  content: string;
}

/** An identifier that the log has for another entry. */
export class EntryTaken extends Error {
  constructor(readonly id: string) {
    super(`the log has another entry ${id}`);
    this.name = 'EntryTaken';
  }
}

export interface LogStore {
  /** Every entry after one, as JSON text with its sequence, for sending on unread. */
  textsAfter(sequence: number): Promise<{ sequence: number; content: string }[]>;
  all(): Promise<LogEntry[]>;
  /** every entry that can be read, in the order they came in, so many at once */
  pages(size: number, within: Knex.Transaction): AsyncIterable<LogEntry[]>;
  /**
   * Adds entries, all or none, and works out what they took from the pots. What is there already is
   * passed over, so that sending twice writes once.
   *
   * @returns the pots they draw from, with what was used from them since they were measured
   * @throws EntryTaken
   */
  append(entries: readonly LogEntry[]): Promise<Kept<Pot>[]>;
  /**
   * Adds entries of a file; what is there already stays.
   *
   * @param batches of them
   * @param onBatch told how many there were in each, once they are in
   * @returns how many say something else than those of their identifier that are here
   */
  restore(
    batches: Iterable<readonly LogEntry[]>,
    within: Knex.Transaction,
    onBatch: (size: number) => void,
  ): Promise<number>;
}

export function logStore(db: Knex, pots: RecordStore<Pot>, used: UsedPaint): LogStore {
  /** What is new of some entries, and which are here and say something else. */
  async function parted(entries: readonly LogEntry[], within: Knex.Transaction) {
    const here = new Map(
      (
        await rowsWhere(
          'id',
          entries.map(({ id }) => id),
          within,
        )
      ).map((row) => [row.id, row]),
    );
    const fresh = entries.filter(({ id }) => !here.has(id));
    const other = entries.filter((entry) => {
      const row = here.get(entry.id);
      return row && !isDeepStrictEqual(JSON.parse(row.content), entry);
    });
    return { fresh, other };
  }

  async function insert(entries: readonly LogEntry[], within: Knex.Transaction) {
    const savedAt = new Date().toISOString();
    const rows = entries.map((entry) => rowOf(entry, savedAt));
    await insertMany(within, 'log_entries', rows);
    await insertMany(within, 'noted_coats', entries.flatMap(notedCoats));
  }

  /** Pots that some new entries draw from, after what these coats took was worked out anew. */
  async function drawn(entries: readonly Touching[], within: Knex.Transaction): Promise<string[]> {
    const touched = entries.flatMap(({ id, isCoat }) => (isCoat ? [id] : []));
    let struck = entries.flatMap(({ strikes }) => strikes ?? []);
    while (struck.length > 0) {
      touched.push(...struck);
      const rows = await rowsWhere('id', struck, within);
      struck = rows.flatMap(({ struck_id }) => struck_id ?? []);
    }
    const done = new Set<string>();
    const potIds = new Set<string>();
    for (const part of inParts(await inOrderOfCoats(touched, within), recountedAtOnce)) {
      const affected = await notingTheSame(
        part.filter((id) => !done.has(id)),
        within,
      );
      affected.forEach((id) => done.add(id));
      for (const potId of await recountOf(affected, within)) potIds.add(potId);
    }
    return [...potIds];
  }

  async function recountOf(affected: readonly string[], within: Knex.Transaction) {
    if (affected.length === 0) return [];
    // Whether one of them counts hangs on what else notes its coats, and on what strikes that out.
    const about = await rowsWhere('id', await notingTheSame(affected, within), within);
    for (let strikes = [...about]; strikes.length > 0; about.push(...strikes))
      strikes = await rowsWhere(
        'struck_id',
        strikes.map(({ id }) => id),
        within,
      );
    return used.recount(affected, readableOf(about), within);
  }

  return {
    async textsAfter(sequence) {
      return await db<LogRow>('log_entries')
        .where('sequence', '>', sequence)
        .whereRaw('json_valid(content)')
        .orderBy('sequence')
        .select('sequence', 'content');
    },

    async all() {
      return readableOf(await db<LogRow>('log_entries').orderBy('sequence'));
    },

    async *pages(size, within) {
      for await (const rows of pagesOf<LogRow>('log_entries', 'sequence', size, within))
        yield readableOf(rows);
    },

    async append(entries) {
      return db.transaction(async (transaction) => {
        const { fresh, other } = await parted(entries, transaction);
        if (other.length > 0) throw new EntryTaken(other[0].id);
        const kept: Kept<Pot>[] = [];
        await insert(fresh, transaction);
        for (const potId of await drawn(fresh.map(touching), transaction)) {
          const pot = await readableOnly(pots.get(potId, transaction));
          if (pot) kept.push(pot);
        }
        return kept;
      });
    },

    async restore(batches, transaction, onBatch) {
      const added: Touching[] = [];
      let left = 0;
      for (const batch of batches) {
        const { fresh, other } = await parted(batch, transaction);
        await insert(fresh, transaction);
        for (const entry of fresh) added.push(touching(entry));
        left += other.length;
        onBatch(batch.length);
      }
      await drawn(added, transaction);
      return left;
    },
  };
}

/** What of an entry tells whose paint is to be worked out anew. */
interface Touching {
  id: string;
  isCoat: boolean;
  /** the entry it strikes out */
  strikes: string | null;
}

const touching = (entry: LogEntry): Touching => ({
  id: entry.id,
  isCoat: entry.kind === 'coat',
  strikes: entry.kind === 'strike' ? entry.of : null,
});

/** So many are worked out anew together. */
const recountedAtOnce = 2000;

/** Entries by the coats they note, so that those that note the same are worked out together. */
async function inOrderOfCoats(ids: readonly string[], within: Knex.Transaction): Promise<string[]> {
  if (ids.length <= recountedAtOnce) return [...ids];
  const firstCoat = new Map<string, string>();
  for (const part of inParts(ids, valuesAtOnce)) {
    const rows = (await within('noted_coats')
      .whereIn('entry_id', part)
      .groupBy('entry_id')
      .select('entry_id as id')
      .min({ coat: 'coat' })) as { id: string; coat: string }[];
    rows.forEach(({ id, coat }) => firstCoat.set(id, coat));
  }
  const coatOf = (id: string) => firstCoat.get(id) ?? '';
  return [...ids].sort((one, other) => (coatOf(one) < coatOf(other) ? -1 : 1));
}

/** Entries that note a coat one of these notes; those that note a coat are of them. */
async function notingTheSame(ids: readonly string[], within: Knex.Transaction): Promise<string[]> {
  const found = new Set<string>();
  for (const part of inParts(ids, valuesAtOnce)) {
    const same = await within('noted_coats as one')
      .join('noted_coats as other', 'one.coat', 'other.coat')
      .whereIn('one.entry_id', part)
      .distinct()
      .pluck<string[]>('other.entry_id');
    same.forEach((id) => found.add(id));
  }
  return [...found];
}

async function rowsWhere(
  column: 'id' | 'struck_id',
  values: readonly string[],
  within: Knex.Transaction,
): Promise<LogRow[]> {
  const rows: LogRow[] = [];
  for (const part of inParts(values, valuesAtOnce))
    rows.push(...(await within<LogRow>('log_entries').whereIn(column, part)));
  return rows;
}

/** What an entry notes, as rows: searched for when the same coat is noted again or struck out. */
export const notedCoats = (entry: LogEntry) =>
  entry.kind === 'coat' ? notedCoatsOf(entry).map((coat) => ({ coat, entry_id: entry.id })) : [];

/** An entry as a row. @param savedAt ISO 8601, UTC */
export function rowOf(entry: LogEntry, savedAt: string): Omit<LogRow, 'sequence'> {
  return {
    id: entry.id,
    bench_id: entry.benchId,
    struck_id: entry.kind === 'strike' ? entry.of : null,
    saved_at: savedAt,
    content: JSON.stringify(entry),
  };
}

/** Entries that can be read; one that cannot hides none of the others. */
const readableOf = (rows: readonly Pick<LogRow, 'content'>[]): LogEntry[] =>
  rows.flatMap(({ content }) => {
    const read = entrySchema.safeParse(parsed(content));
    return read.success ? [read.data] : [];
  });
