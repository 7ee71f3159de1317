import { ribbonStops } from '../../written/place/toneAxis';
import type { Mishap } from './mishap';

/** Indexes of the stops in a place; the nearest one where it is narrower than their distance. */
export function stopsIn({ from, to }: Mishap['place']): number[] {
  const inside = [...ribbonStops.keys()].filter(
    (index) => ribbonStops[index] >= from && ribbonStops[index] <= to,
  );
  if (inside.length > 0) return inside;
  const middle = (from + to) / 2;
  return [
    [...ribbonStops.keys()].reduce((best, index) =>
      Math.abs(ribbonStops[index] - middle) < Math.abs(ribbonStops[best] - middle) ? index : best,
    ),
  ];
}
