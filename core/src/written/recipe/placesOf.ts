import type { Step } from './step';
import { ribbonStops } from '../place/toneAxis';

/** A line on fewer stops than this is narrower than the ribbon shows. */
const fewStops = 2;
/** Beside its ends, where a hard one would begin: far less than anybody paints. */
const epsilon = 1e-6;

/**
 * Where a line is looked at: the stops of the ribbon, and where it is narrower than those its own
 * ends and middle too, so that a fine edge between two stops is not overlooked.
 *
 * @returns places on the tone axis, rising from 0 to 1
 */
export function placesOf({ placement: { from, to } }: Pick<Step, 'placement'>): readonly number[] {
  if (!isNarrow({ placement: { from, to } })) return ribbonStops;
  const own = [from - epsilon, from, (from + to) / 2, to, to + epsilon];
  const within = own.filter((at) => at > 0 && at < 1);
  return [...new Set([...ribbonStops, ...within])].sort((one, other) => one - other);
}

/** Whether a line goes on between the stops of the ribbon. */
export function isNarrow({
  placement: { from, to },
}: {
  placement: Pick<Step['placement'], 'from' | 'to'>;
}): boolean {
  return ribbonStops.filter((stop) => stop >= from && stop <= to).length < fewStops;
}
