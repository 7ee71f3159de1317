import { paintUsed, type LogEntry, type PaintUsed } from '@yellow-ledger/core';
import type { Knex } from 'knex';
import { inParts, insertMany, valuesAtOnce } from '../db/inParts';

/** Paint one coat took from one pot; struck coats have no rows. */
interface UsedRow {
  entry_id: string;
  pot_id: string;
  /** milliseconds since 1970 */
  at_ms: number;
  ml: number;
}

/** Paint used from the pots, counted from the log as it grows. */
export interface UsedPaint {
  /**
   * Works out anew what some entries took.
   *
   * @param about them, and everything that notes or strikes out the same coats
   * @returns the pots they draw from now or drew from before
   */
  recount(
    entryIds: readonly string[],
    about: readonly LogEntry[],
    within: Knex.Transaction,
  ): Promise<string[]>;
  /** used since a moment, ml; 0 where nothing was */
  since(potId: string, at: number, within?: Knex.Transaction): Promise<number>;
  /** used since each pot was last measured, ml, by pot */
  sinceMeasured(within?: Knex.Transaction): Promise<ReadonlyMap<string, number>>;
}

export const usedRow = ({ entryId, at, potId, ml }: PaintUsed): UsedRow => ({
  entry_id: entryId,
  pot_id: potId,
  at_ms: at,
  ml,
});

export function usedPaint(db: Knex): UsedPaint {
  return {
    async recount(entryIds, about, within) {
      const before: string[] = [];
      for (const ids of inParts(entryIds, valuesAtOnce)) {
        const rows = () => within<UsedRow>('used_paint').whereIn('entry_id', ids);
        before.push(...(await rows().distinct().pluck('pot_id')));
        await rows().delete();
      }
      const isAsked = new Set(entryIds);
      const rows = paintUsed(about)
        .filter(({ entryId }) => isAsked.has(entryId))
        .map(usedRow);
      await insertMany(within, 'used_paint', rows);
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

    async sinceMeasured(within) {
      const from = within ?? db;
      const rows = await from('used_paint')
        .join('pots', 'pots.id', 'used_paint.pot_id')
        .whereRaw('used_paint.at_ms > coalesce(pots.measured_ms, -1)')
        .groupBy('pot_id')
        .select<{ pot_id: string; ml: number }[]>('pot_id', from.raw('sum(used_paint.ml) as ml'));
      return new Map(rows.map(({ pot_id, ml }) => [pot_id, ml]));
    },
  };
}
