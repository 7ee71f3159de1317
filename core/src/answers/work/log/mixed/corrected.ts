import { loadOf } from '../../../../written/mix/mix';
import type { Brushed, CoatEntry, Deviation, LogEntry } from '../entry';

export interface Correction {
  /** models it was really put on, at least one */
  models: readonly number[];
  /** minutes it really took; null where nobody measured them */
  minutes: number | null;
  /** the mix that was really on the brush, and how it differs from the line; as noted where not said */
  mix?: { brushed: Brushed; differs: Deviation[] };
}

/**
 * A coat as it really was, to be written beside the strike of the wrong one. It keeps its place in
 * the log, so that it lies on the models where it went on; paint and expected minutes go by the
 * models, and paint by what was on the brush.
 *
 * @param id of the new entry
 */
export function corrected(
  entry: CoatEntry,
  { models, minutes, mix }: Correction,
  id: string,
): CoatEntry {
  const share = models.length / entry.where.models.length;
  const used = entry.used.map(({ potId, ml }) => ({ potId, ml: ml * share }));
  return {
    ...entry,
    id,
    where: { ...entry.where, models: [...models] },
    minutes,
    reckoned: entry.reckoned * share,
    used: mix ? ofOtherMix(used, entry.brushed, mix.brushed) : used,
    ...mix,
  };
}

/** As much wet paint as before, of another mix. */
function ofOtherMix(used: CoatEntry['used'], before: Brushed, now: Brushed): CoatEntry['used'] {
  const paint = used.reduce((sum, { ml }) => sum + ml, 0);
  const more = loadOf(now) / loadOf(before);
  return now.pots.map(({ potId, share }) => ({ potId, ml: paint * more * share }));
}

const suffix = /-c(\d{1,4})$/;
const mostLetters = 58;

/** The entry that an entry corrects, first of all of them; its own identifier where it corrects none. */
export const firstIdOf = (id: string): string => id.replace(suffix, '');

/**
 * The identifier of the next correction of an entry. Two who correct the same at once come to the
 * same one, so that the second is refused and no coat is there twice.
 *
 * @param known the log
 */
export function correctionId(id: string, known: readonly Pick<LogEntry, 'id'>[]): string {
  const first = firstIdOf(id).slice(0, mostLetters);
  const before = known.map((each) =>
    firstIdOf(each.id) === first ? Number(suffix.exec(each.id)?.[1] ?? 0) : 0,
  );
  return `${first}-c${Math.max(0, ...before) + 1}`;
}
