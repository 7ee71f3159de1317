import type { Batch, DoneCoat } from '../army/batch';
import type { LogEntry } from './entry';
import { standing } from './standing';

/**
 * A batch with what the log says was painted, so that it is not planned again. Coats beyond those
 * that are planned do not count.
 */
export function withLogged(batch: Batch, armyId: string, entries: readonly LogEntry[]): Batch {
  const logged = standing(entries).flatMap((entry): DoneCoat[] => {
    if (entry.kind !== 'coat' || entry.line === 0 || entry.where.armyId !== armyId) return [];
    const { unitId, surfaceId, models } = entry.where;
    return [{ unitId, surfaceId, stepId: entry.stepId, coat: entry.coat, models, at: entry.at }];
  });
  return { ...batch, done: [...batch.done, ...logged] };
}
