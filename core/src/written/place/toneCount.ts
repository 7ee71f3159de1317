import type { FormField } from './formField';
import { forms } from './forms';

/** Cells along each side at which forms are counted out. */
export const countedAt = 72;
/** Tones a form is counted out in, from pit to point. */
export const toneSteps = 32;

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
