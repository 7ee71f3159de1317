import { shareBelow } from './formField';
import type { FormName } from './forms';

/**
 * Share of a form's area that each stop stands for: what lies nearer to it than to its neighbours.
 *
 * @param stops places on the tone axis, rising from 0 to 1
 * @returns one share a stop, together 1
 */
export function areaShares(form: FormName, stops: readonly number[]): number[] {
  return stops.map((at, i) => {
    const low = i === 0 ? 0 : shareBelow((stops[i - 1] + at) / 2, form);
    const high = i === stops.length - 1 ? 1 : shareBelow((at + stops[i + 1]) / 2, form);
    return high - low;
  });
}
