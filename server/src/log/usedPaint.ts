import { paintUsed, type LogEntry } from '@yellow-ledger/core';
import type { Knex } from 'knex';

/** What one coat took from one pot; struck coats have no rows. */
interface UsedRow {
  entry_id: string;
  coat_key: string;
  pot_id: string;
  /** milliseconds since 1970 */
  at_ms: number;
  ml: number;
}

/** What was used from the pots, worked out from the log as it grows. */
export interface UsedPaint {
  /**
   * Works out anew what some coats took, from everything the log says of them.
   *
   * @returns the pots they draw from now or drew from before
   */
  recount(
    coatKeys: readonly string[],
    entries: readonly LogEntry[],
    within: Knex.Transaction,
  ): Promise<string[]>;
  /** used since a moment, ml; 0 where nothing was */
  since(potId: string, at: number, within?: Knex.Transaction): Promise<number>;
  /** used since each pot was last measured, ml, by pot */
  sinceMeasured(): Promise<ReadonlyMap<string, number>>;
}

/** SQLite takes so many values in one statement; a row has five. */
const rowsAtOnce = 2000;

export function usedPaint(db: Knex): UsedPaint {
  return {
    async recount(coatKeys, entries, within) {
      const before = await within<UsedRow>('used_paint')
        .whereIn('coat_key', [...coatKeys])
        .distinct()
        .pluck('pot_id');
      await within<UsedRow>('used_paint')
        .whereIn('coat_key', [...coatKeys])
        .delete();
      const rows = paintUsed(entries).map(({ entryId, coatKey, at, potId, ml }): UsedRow => ({
        entry_id: entryId,
        coat_key: coatKey,
        pot_id: potId,
        at_ms: at,
        ml,
      }));
      for (let from = 0; from < rows.length; from += rowsAtOnce)
        await within<UsedRow>('used_paint').insert(rows.slice(from, from + rowsAtOnce));
      return [...new Set([...before, ...rows.map(({ pot_id }) => pot_id)])];
    },

    async since(potId, at, within) {
      const sum = await (within ?? db)<UsedRow>('used_paint')
        .where({ pot_id: potId })
        .where('at_ms', '>', at)
        .sum({ ml: 'ml' })
        .first<{ ml: number | null }>();
      return sum?.ml ?? 0;
    },

    async sinceMeasured() {
      const rows = await db('used_paint')
        .join('pots', 'pots.id', 'used_paint.pot_id')
        .whereRaw('used_paint.at_ms > coalesce(pots.measured_ms, -1)')
        .groupBy('pot_id')
        .select<{ pot_id: string; ml: number }[]>('pot_id', db.raw('sum(used_paint.ml) as ml'));
      return new Map(rows.map(({ pot_id, ml }) => [pot_id, ml]));
    },
  };
}
