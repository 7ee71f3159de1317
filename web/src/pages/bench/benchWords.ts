import { toneStops, type Army } from '@yellow-ledger/core';
import { surfaceName, unitName } from '../../parts/words/surfaceWords';

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

/** Time left, for looking at in passing. @example leftWords(754_000) // → '12:34' */
export function leftWords(ms: number): string {
  const seconds = Math.ceil(ms / 1000);
  const hours = Math.floor(seconds / 3600);
  const minutes = Math.floor((seconds % 3600) / 60);
  if (hours > 0) return `${hours} h ${minutes} min`;
  return `${minutes}:${String(seconds % 60).padStart(2, '0')}`;
}

/** Places on the tone axis somebody can point at, each from half-way to the one below. */
export const namedPlaces = toneStops.map(({ name, at }, index) => ({
  name,
  at,
  from: index === 0 ? 0 : (toneStops[index - 1].at + at) / 2,
  to: index === toneStops.length - 1 ? 1 : (at + toneStops[index + 1].at) / 2,
}));
