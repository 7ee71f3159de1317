import type { LogEntry } from './entry';
import { standing } from './standing';

/**
 * What was taken from each pot by what counts of a log, ml. A coat that two have noted was painted
 * once.
 */
export function paintTaken(entries: readonly LogEntry[]): Map<string, number> {
  const taken = new Map<string, number>();
  const noted = new Set<string>();
  for (const entry of standing(entries)) {
    if (entry.kind !== 'coat') continue;
    const { unitId, surfaceId, models } = entry.where;
    const coat = `${entry.benchId} ${unitId} ${surfaceId} ${entry.stepId} ${entry.coat}`;
    const fresh = models.filter((model) => !noted.has(`${coat} ${model}`));
    fresh.forEach((model) => noted.add(`${coat} ${model}`));
    for (const { potId, ml } of entry.used)
      taken.set(potId, (taken.get(potId) ?? 0) + (ml * fresh.length) / models.length);
  }
  return taken;
}
