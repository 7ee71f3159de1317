/**
 * A place that was read: on the tone axis where no line is aimed, or there where a line is (its
 * identifier).
 */
export type ReadPlace = number | { at: number; line: string };

/** Where on the tone axis it is, 0–1. */
export const toneOf = (place: ReadPlace): number => (typeof place === 'number' ? place : place.at);

/** The line whose aim it fulfils; null where it is elsewhere. */
export const lineOfPlace = (place: ReadPlace): string | null =>
  typeof place === 'number' ? null : place.line;

/** The same place at another tone. */
export const atTone = (place: ReadPlace, at: number): ReadPlace =>
  typeof place === 'number' ? at : { ...place, at };

/** One place is another when their keys are the same. */
export const placeKey = (place: ReadPlace): string =>
  `${lineOfPlace(place) ?? ''} ${toneOf(place)}`;
