import { type Kept, type LogEntry, type Pot, isSameContent } from '@yellow-ledger/core';
import type { Knex } from 'knex';
import { inParts, insertMany, valuesAtOnce } from '../db/inParts';
import { pagesOf } from '../db/pagesOf';
import { parsed, readableOnly, type RecordStore } from '../db/recordStore';
import {
  inOrderOfCoats,
  notingTheSame,
  recountedAtOnce,
  touching,
  type Touching,
} from './coatsNoted';
import {
  holdersOfOthers,
  notedCoats,
  onlyOf,
  readableOf,
  rowOf,
  rowsWhere,
  type EntriesOf,
  type LogRow,
} from './logRows';
import { EntryTaken, NotTheirs, type LogTexts } from './logTexts';
import type { UsedPaint } from './usedPaint';

/** The member who writes into the log of a club. */
export interface Sender {
  memberId: string;
  /** as entries say who painted: on a tablet of several, one may send what another did */
  name: string;
  /** whether they may strike out what others have noted */
  strikesAny: boolean;
}

/** So many entries are sent on together; others are answered in between. */
const textsAtOnce = 500;

export interface LogStore {
  /** Every entry after one, as JSON text with its sequence, for sending on unread; page by page. */
  textsAfter(sequence: number, of?: EntriesOf | null): AsyncIterable<LogTexts>;
  /** Says of entries that were taken in who sent them. */
  sentBy(memberId: string, ids: readonly string[]): Promise<void>;
  all(): Promise<LogEntry[]>;
  /**
   * Deletes an entry nobody can read; one that can be is struck out and never deleted.
   *
   * @returns whether there was such a one
   */
  removeDamaged(id: string): Promise<boolean>;
  /** every entry that can be read, in the order they came in, so many at once */
  pages(size: number, within: Knex.Transaction, of?: EntriesOf | null): AsyncIterable<LogEntry[]>;
  /**
   * Adds entries, all or none, and works out what they took from the pots. What is there already is
   * passed over, so that sending twice writes once.
   *
   * @returns the pots they draw from, with what was used from them since they were measured
   * @throws EntryTaken; NotTheirs
   */
  append(
    entries: readonly LogEntry[],
    sender?: Sender | null,
    within?: Knex.Transaction,
  ): Promise<Kept<Pot>[]>;
  /**
   * Adds entries of a file; what is there already stays.
   *
   * @param batches of them
   * @param onBatch told how many there were in each, once they are in
   * @param sender whose file it is, in a club: what it says of benches and armies of others, and
   *   what strikes out what others have noted, stays out
   * @returns how many stayed out, beside those that are here already
   */
  restore(
    batches: Iterable<readonly LogEntry[]>,
    within: Knex.Transaction,
    onBatch: (size: number) => void,
    sender?: Sender,
  ): Promise<number>;
}

export function logStore(db: Knex, pots: RecordStore<Pot>, used: UsedPaint): LogStore {
  /** The new ones of some entries, and those that are here and say something else. */
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
    const fresh = new Map<string, LogEntry>();
    const other: LogEntry[] = [];
    for (const entry of entries) {
      const row = here.get(entry.id);
      // One that is sent twice at once is written once, too.
      const before = row ? (parsed(row.content) as LogEntry) : fresh.get(entry.id);
      if (!before) fresh.set(entry.id, entry);
      else if (!isSameContent(before, entry)) other.push(entry);
    }
    return { fresh: [...fresh.values()], other };
  }

  async function insert(
    entries: readonly LogEntry[],
    within: Knex.Transaction,
    memberId: string | null = null,
  ) {
    const savedAt = new Date().toISOString();
    const rows = entries.map((entry) => ({ ...rowOf(entry, savedAt), member_id: memberId }));
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

  /** Entries that some strikes strike out and that their sender may not strike out. */
  async function foreignStruck(
    entries: readonly LogEntry[],
    { memberId, name, strikesAny }: Sender,
    within: Knex.Transaction,
  ): Promise<ReadonlySet<string>> {
    const foreign = new Set<string>();
    if (strikesAny) return foreign;
    const struck = entries.flatMap((entry) => (entry.kind === 'strike' ? [entry.of] : []));
    for (const { id, member_id, content } of await rowsWhere('id', struck, within)) {
      const isTheirs =
        member_id === null || member_id === memberId || readableOf([{ content }])[0]?.by === name;
      if (!isTheirs) foreign.add(id);
    }
    return foreign;
  }

  return {
    async *textsAfter(sequence, of = null) {
      type Stored = LogRow & { is_json: number };
      const columns = ['sequence', 'id', 'content', db.raw('json_valid(content) as is_json')];
      for await (const rows of pagesOf<Stored>('log_entries', 'sequence', textsAtOnce, db, {
        after: sequence,
        columns,
        only: onlyOf(of),
      }))
        yield {
          items: rows.filter(({ is_json }) => is_json === 1),
          damaged: rows
            .filter(({ is_json }) => is_json !== 1)
            .map(({ id }) => ({ id, revision: 0, reason: 'It is no whole JSON.' })),
        };
    },

    async sentBy(memberId, ids) {
      for (const part of inParts(ids, valuesAtOnce))
        await db('log_entries').whereIn('id', part).update({ member_id: memberId });
    },

    async all() {
      return readableOf(await db<LogRow>('log_entries').orderBy('sequence'));
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

    async *pages(size, within, of = null) {
      const only = onlyOf(of);
      for await (const rows of pagesOf<LogRow>('log_entries', 'sequence', size, within, { only }))
        yield readableOf(rows);
    },

    async append(entries, sender = null, within) {
      const write = async (transaction: Knex.Transaction) => {
        const [foreign] = sender ? await foreignStruck(entries, sender, transaction) : [];
        if (foreign !== undefined) throw new NotTheirs(foreign);
        const { fresh, other } = await parted(entries, transaction);
        if (other.length > 0) throw new EntryTaken(other[0].id);
        const kept: Kept<Pot>[] = [];
        await insert(fresh, transaction, sender?.memberId);
        for (const potId of await drawn(fresh.map(touching), transaction)) {
          const pot = await readableOnly(pots.get(potId, transaction));
          if (pot) kept.push(pot);
        }
        return kept;
      };
      return within ? write(within) : db.transaction(write);
    },

    async restore(batches, transaction, onBatch, sender) {
      const added: Touching[] = [];
      let left = 0;
      const isOthers = sender ? await holdersOfOthers(sender.memberId, transaction) : () => false;
      for (const batch of batches) {
        const parts = await parted(batch, transaction);
        const foreign: ReadonlySet<string> = sender
          ? await foreignStruck(parts.fresh, sender, transaction)
          : new Set();
        const fresh = parts.fresh.filter(
          (entry) => !isOthers(entry) && !(entry.kind === 'strike' && foreign.has(entry.of)),
        );
        await insert(fresh, transaction, sender?.memberId);
        for (const entry of fresh) added.push(touching(entry));
        left += parts.other.length + parts.fresh.length - fresh.length;
        onBatch(batch.length);
      }
      await drawn(added, transaction);
      return left;
    },
  };
}
