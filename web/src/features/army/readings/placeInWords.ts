import { lineOfPlace, nearestStop, toneOf, type ReadPlace } from '@yellow-ledger/core';
import type { Readings } from './readingWork';

/** @example placeInWords({ at: 0.5, line: 'glow' }, readings) // → 'mid, underside' */
export function placeInWords(place: ReadPlace, { aspects }: Pick<Readings, 'aspects'>): string {
  const line = lineOfPlace(place);
  const { name } = nearestStop(toneOf(place));
  if (line === null) return name;
  const aspect = aspects.find((each) => each.line === line);
  return `${name}, ${aspect?.name ?? 'an aim that is gone'}`;
}
