import { isDeepStrictEqual } from 'node:util';
import {
  entrySchema,
  fieldErrors,
  paintTaken,
  sentenceOf,
  type Kept,
  type LogEntry,
  type Pot,
} from '@yellow-ledger/core';
import type { Knex } from 'knex';
import { DamagedRecord, type RecordStore } from '../db/recordStore';

interface LogRow {
  sequence: number;
  id: string;
  bench_id: string;
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

/** Whose log: of one bench, and of every bench its army was on. */
export interface LogOf {
  bench?: string | undefined;
  army?: string | undefined;
}

export interface LogStore {
  /** Every entry, as JSON text with its sequence, for sending on unread. */
  textsAfter(sequence: number, of?: LogOf): Promise<{ sequence: number; content: string }[]>;
  all(): Promise<LogEntry[]>;
  /**
   * Adds entries, all or none, and draws what they took from the pots. What is there already is
   * passed over, so that sending twice writes once.
   *
   * @returns the pots as they are then, those that were drawn from
   * @throws EntryTaken
   */
  append(entries: readonly LogEntry[]): Promise<Kept<Pot>[]>;
  /** Adds entries of a file; no paint is drawn, and what is there already stays. */
  restore(entries: readonly LogEntry[], within: Knex.Transaction): Promise<void>;
}

export function logStore(db: Knex, pots: RecordStore<Pot>): LogStore {
  const read = ({ id, content }: Pick<LogRow, 'id' | 'content'>): LogEntry => {
    const stored: unknown = JSON.parse(content);
    const checked = entrySchema.safeParse(stored);
    if (checked.success) return checked.data;
    const reason = fieldErrors(checked.error, stored).map(sentenceOf).join(' ');
    throw new DamagedRecord('log_entries', id, reason);
  };

  const ofBench = async (benchId: string, within: Knex.Transaction) =>
    (await within<LogRow>('log_entries').where({ bench_id: benchId }).orderBy('sequence')).map(
      read,
    );

  /** What is new of some entries. */
  async function fresh(entries: readonly LogEntry[], within: Knex.Transaction) {
    const unknown: LogEntry[] = [];
    for (const entry of entries) {
      const there = await within<LogRow>('log_entries').where({ id: entry.id }).first();
      if (!there) unknown.push(entry);
      else if (!isDeepStrictEqual(JSON.parse(there.content), entry)) throw new EntryTaken(entry.id);
    }
    return unknown;
  }

  async function insert(entries: readonly LogEntry[], within: Knex.Transaction) {
    const savedAt = new Date().toISOString();
    for (const entry of entries)
      await within<LogRow>('log_entries').insert({
        id: entry.id,
        bench_id: entry.benchId,
        saved_at: savedAt,
        content: JSON.stringify(entry),
      });
  }

  async function draw(change: ReadonlyMap<string, number>, within: Knex.Transaction) {
    const drawn: Kept<Pot>[] = [];
    for (const [potId, ml] of change) {
      const kept = await pots.get(potId, within);
      // A pot nobody has looked into has no level that could fall.
      if (!kept || kept.content.volumeMl === null || Math.abs(ml) < leastMl) continue;
      const left = Math.max(0, kept.content.volumeMl - ml);
      const volumeMl = Math.round(left * 10_000) / 10_000;
      drawn.push(await pots.put({ ...kept.content, volumeMl }, kept.revision, within));
    }
    return drawn;
  }

  return {
    async textsAfter(sequence, { bench, army } = {}) {
      const rows = db<LogRow>('log_entries').where('sequence', '>', sequence).orderBy('sequence');
      if (bench !== undefined)
        void rows.where((of) => {
          void of.where({ bench_id: bench });
          const ofArmy = db('benches').whereRaw("json_extract(content, '$.armyId') = ?", [
            army ?? '',
          ]);
          if (army !== undefined) void of.orWhereIn('bench_id', ofArmy.select('id'));
        });
      return await rows.select('sequence', 'content');
    },

    async all() {
      return (await db<LogRow>('log_entries').orderBy('sequence')).map(read);
    },

    async append(entries) {
      return db.transaction(async (transaction) => {
        const added = await fresh(entries, transaction);
        const drawn = new Map<string, Kept<Pot>>();
        for (const benchId of new Set(added.map((entry) => entry.benchId))) {
          const before = await ofBench(benchId, transaction);
          const here = added.filter((entry) => entry.benchId === benchId);
          await insert(here, transaction);
          if (!here.some(({ kind }) => kind === 'coat' || kind === 'strike')) continue;
          const change = changeOf(paintTaken(before), paintTaken([...before, ...here]));
          for (const pot of await draw(change, transaction)) drawn.set(pot.content.id, pot);
        }
        return [...drawn.values()];
      });
    },

    async restore(entries, transaction) {
      const known = new Set(
        (await transaction<LogRow>('log_entries').select('id')).map(({ id }) => id),
      );
      await insert(
        entries.filter(({ id }) => !known.has(id)),
        transaction,
      );
    },
  };
}

/** Less than this is no amount, ml. */
const leastMl = 1e-5;

function changeOf(
  before: ReadonlyMap<string, number>,
  after: ReadonlyMap<string, number>,
): Map<string, number> {
  const potIds = new Set([...before.keys(), ...after.keys()]);
  return new Map(
    [...potIds].map((potId) => [potId, (after.get(potId) ?? 0) - (before.get(potId) ?? 0)]),
  );
}
