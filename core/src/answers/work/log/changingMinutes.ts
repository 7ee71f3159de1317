import type { Brushed, LogEntry } from './entry';
import { isSameBrushed } from './mixed/asMixed';
import { addTo } from './addTo';
import { quantile } from './quantile';

type Coat = LogEntry & { kind: 'coat' };

/** From so many changes of paint on the median is used: each is a small difference of two times. */
export const enoughChanges = 8;
/** Outside these something else was measured, minutes. */
const least = 0.05;
const most = 8;

/**
 * Minutes it takes this painter to clean the brush and change to another paint: how much longer a coat
 * took after another paint than coats of the same technique after the same paint.
 *
 * @param entries valid entries of one painter, in their order
 * @returns the median and how many changes it is from; null where there are too few
 */
export function changingMinutes(
  entries: readonly LogEntry[],
): { minutes: number; records: number } | null {
  const after = coatsAfter(entries);
  const steady = new Map<string, number[]>();
  for (const { coat, before } of after)
    if (isSameBrushed(coat.brushed, before))
      addTo(steady, coat.technique, coat.minutes / coat.reckoned);
  const usual = new Map([...steady].map(([technique, ratios]) => [technique, middle(ratios)]));
  const extra = after.flatMap(({ coat, before }) => {
    const ratio = usual.get(coat.technique);
    if (ratio === undefined || isSameBrushed(coat.brushed, before)) return [];
    const minutes = coat.minutes - ratio * coat.reckoned;
    return minutes >= least && minutes <= most ? [minutes] : [];
  });
  return extra.length < enoughChanges ? null : { minutes: middle(extra), records: extra.length };
}

/** Timed coats with the paint that was on the brush before, where nothing was mixed in between. */
function coatsAfter(entries: readonly LogEntry[]) {
  const found: { coat: Coat & { minutes: number }; before: Brushed }[] = [];
  const before = new Map<string, Brushed | null>();
  for (const entry of entries) {
    if (entry.kind === 'mixed') before.set(entry.benchId, null);
    if (entry.kind !== 'coat') continue;
    const last = before.get(entry.benchId);
    const { minutes } = entry;
    if (last && minutes !== null) found.push({ coat: { ...entry, minutes }, before: last });
    before.set(entry.benchId, entry.brushed);
  }
  return found;
}

const middle = (figures: readonly number[]) =>
  quantile(
    [...figures].sort((one, other) => one - other),
    0.5,
  );
