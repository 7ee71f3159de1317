import { isDeepStrictEqual } from 'node:util';
import { notedCoatsOf, entrySchema, type Kept, type LogEntry, type Pot } from '@yellow-ledger/core';
import type { Knex } from 'knex';
import { inParts, insertMany, valuesAtOnce } from '../db/inParts';
import { pagesOf } from '../db/pagesOf';
import { parsed, readableOnly, type Damaged, type RecordStore } from '../db/recordStore';
import {
  inOrderOfCoats,
  notingTheSame,
  recountedAtOnce,
  touching,
  type Touching,
} from './coatsNoted';
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
  /** rows that are not even JSON, named so that they can be deleted */
  damaged(): Promise<Damaged[]>;
  /**
   * Deletes an entry nobody can read; one that can be is struck out and never deleted.
   *
   * @returns whether there was such a one
   */
  removeDamaged(id: string): Promise<boolean>;
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

    async damaged() {
      const ids = await db<LogRow>('log_entries')
        .whereRaw('not json_valid(content)')
        .orderBy('sequence')
        .pluck<string[]>('id');
      return ids.map((id) => ({ id, revision: 0, reason: 'It is no whole JSON.' }));
    },

    async removeDamaged(id) {
      return db.transaction(async (transaction) => {
        const row = await transaction<LogRow>('log_entries').where({ id }).first();
        if (!row || readableOf([row]).length > 0) return false;
        for (const table of ['noted_coats', 'used_paint'])
          await transaction(table).where({ entry_id: id }).delete();
        await transaction('log_entries').where({ id }).delete();
        return true;
      });
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
