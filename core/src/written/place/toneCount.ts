import type { FormField } from './formField';
import { forms } from './forms';

/** Cells along each side at which forms are counted out. */
export const countedAt = 72;
/** Tones a form is counted out in, from pit to point. */
export const toneSteps = 96;

/** A place of a form: its index, its cell in the field, its tone step and its area. */
export interface CountedPlace {
  /** cells in front, then as many behind */
  place: number;
  toneStep: number;
  /** of the surface itself, in cells seen from the front */
  area: number;
}

/** The places of a form that have a surface, in front and, where it has a back, behind. */
export function countedPlaces(field: FormField): CountedPlace[] {
  const cells = field.inside.length;
  const sides = forms[field.form].hasBack ? 2 : 1;
  const places: CountedPlace[] = [];
  for (let place = 0; place < cells * sides; place++) {
    const cell = place % cells;
    if (!field.inside[cell]) continue;
    const toneStep = Math.round(field.tone[cell] * toneSteps);
    places.push({ place, toneStep, area: field.area[cell] });
  }
  return places;
}

/** A figure counted out at even distances from pit to point, at any tone between. */
export function atTone(counted: readonly number[], tone: number): number {
  const at = Math.min(toneSteps, Math.max(0, tone * toneSteps));
  const low = Math.floor(at);
  const high = Math.min(toneSteps, low + 1);
  return counted[low] + (counted[high] - counted[low]) * (at - low);
}

/**
 * The mean of a counted figure over the tones that lie nearer to one stop than to its neighbours.
 *
 * @param stops places on the tone axis, rising
 */
export function meanAroundStop(
  counted: readonly number[],
  stops: readonly number[],
  stop: number,
): number {
  const low = stop === 0 ? 0 : (stops[stop - 1] + stops[stop]) / 2;
  const high = stop === stops.length - 1 ? 1 : (stops[stop] + stops[stop + 1]) / 2;
  const samples = Math.max(1, Math.ceil((high - low) * toneSteps * 2));
  let sum = 0;
  for (let i = 0; i < samples; i++)
    sum += atTone(counted, low + ((i + 0.5) * (high - low)) / samples);
  return sum / samples;
}
