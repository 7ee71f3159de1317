import type { CoatEntry } from './entry';

export interface Correction {
  /** models it was really put on, at least one */
  models: readonly number[];
  /** minutes it really took; null where nobody measured them */
  minutes: number | null;
}

/**
 * A coat as it really was, to be written beside the strike of the wrong one. It keeps its place in
 * the log, so that it lies on the models where it went on; paint and expected minutes go by the models.
 *
 * @param id of the new entry
 */
export function corrected(
  entry: CoatEntry,
  { models, minutes }: Correction,
  id: string,
): CoatEntry {
  const share = models.length / entry.where.models.length;
  return {
    ...entry,
    id,
    where: { ...entry.where, models: [...models] },
    minutes,
    reckoned: entry.reckoned * share,
    used: entry.used.map(({ potId, ml }) => ({ potId, ml: ml * share })),
  };
}
