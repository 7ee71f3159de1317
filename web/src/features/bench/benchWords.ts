import { toneStops, type Army } from '@yellow-ledger/core';
import { surfaceName, unitName } from '../../kit/words/surfaceWords';

/** Names of what is on the bench. */
export interface BenchWords {
  unit: (unitId: string) => string;
  surface: (unitId: string, surfaceId: string) => string;
}

export function benchWordsOf(army: Army): BenchWords {
  return {
    unit: (unitId) => unitName(army, unitId),
    surface: (unitId, surfaceId) => surfaceName(army, { unitId, surfaceId }),
  };
}

/** Places on the tone axis somebody can point at, each from half-way to the one below. */
export const namedPlaces = toneStops.map(({ name, at }, index) => ({
  name,
  at,
  from: index === 0 ? 0 : (toneStops[index - 1].at + at) / 2,
  to: index === toneStops.length - 1 ? 1 : (at + toneStops[index + 1].at) / 2,
}));
