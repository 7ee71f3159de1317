import type { Kept } from '../record/revision';
import type { Pot } from './pot';

/** The finest amount that is measured, ml. */
const finest = 10_000;

/**
 * A pot with what is left in it now in place of what was measured: less what was used since.
 *
 * @example asLeft({ content: { volumeMl: 17 }, usedMl: 3 }).volumeMl // → 14
 */
export function asLeft({ content, usedMl = 0 }: Pick<Kept<Pot>, 'content' | 'usedMl'>): Pot {
  const { volumeMl } = content;
  if (volumeMl === null || usedMl === 0) return content;
  return { ...content, volumeMl: Math.max(0, Math.round((volumeMl - usedMl) * finest) / finest) };
}

/**
 * A pot as it is to be kept after an edit of what is left in it: another figure is a new measuring,
 * the same one leaves the last measuring as it was.
 *
 * @param before as it is kept
 * @param edited with what is left in place of what was measured
 * @param now ISO 8601, UTC
 */
export function asMeasured(
  before: Pick<Kept<Pot>, 'content' | 'usedMl'>,
  edited: Pot,
  now: string,
): Pot {
  if (edited.volumeMl !== asLeft(before).volumeMl) return { ...edited, measuredAt: now };
  const { measuredAt: _measuredAt, ...rest } = edited;
  const { volumeMl, measuredAt } = before.content;
  return { ...rest, volumeMl, ...(measuredAt !== undefined && { measuredAt }) };
}
