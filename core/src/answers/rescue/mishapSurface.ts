import type { Spectrum } from '../../light/colour/spectrum';
import { opticsOf } from '../../predicted/paint/opticsOfPot';
import { flattenMix } from '../../written/recipe/flattenMix';
import { mixedPaint, potOn, type Shelf } from '../../predicted/paint/mixedPaint';
import type { Recipe } from '../../written/recipe/recipe';
import { surfaceBelow } from '../../predicted/buildUp/surfaceBelow';
import { ribbonStops } from '../../written/place/toneAxis';
import type { Mishap } from './mishap';
import { mishapOf, type MishapKind } from './mishapKinds';
import { plannedAfter } from './rescue';
import { stopsIn } from './stopsIn';

/** How bad it is, as a painter says it. */
export const mishapDegrees = ['slight', 'clear', 'bad'] as const;
export type MishapDegree = (typeof mishapDegrees)[number];

export interface ToldMishap {
  what: MishapKind;
  degree: MishapDegree;
  /** the paint that should not be there: of a spill or a wrong pot */
  potId?: string;
}

/** Value that is off, L*, where something is too bright or too dark. */
const valueOff: Record<MishapDegree, number> = { slight: 4, clear: 9, bad: 16 };
/** Share of the whole, or films too many. */
const amount: Record<MishapDegree, number> = { slight: 0.3, clear: 0.6, bad: 1 };

/**
 * The look of a surface after something went wrong with a line, from the painter's words: an
 * estimate, as nobody has measured it. Before the stroke it was as it is planned below the line.
 *
 * @returns the surface before and now, at each of `ribbonStops`
 * @throws CarryError, UnknownPotError
 */
export function mishapSurface(
  recipe: Recipe,
  shelf: Shelf,
  stepId: string,
  place: Mishap['place'],
  { what, degree, potId }: ToldMishap,
): { before: Spectrum[]; now: Spectrum[] } {
  const index = recipe.steps.findIndex(({ id }) => id === stepId);
  const step = recipe.steps[index];
  const below = surfaceBelow(recipe, shelf, stepId);
  const planned = plannedAfter({ recipe, stepId }, shelf);
  const paint = mixedPaint(flattenMix(step.mix, recipe.steps.slice(0, index)), shelf);
  const wrong = () => {
    return opticsOf(potOn(shelf, potId ?? recipe.groundPotId));
  };
  const { leaves, isOnFinished } = mishapOf(what);
  const places = stopsIn(place);
  const gone = (stop: number) =>
    leaves({
      at: ribbonStops[stop],
      planned: planned[stop],
      below: below[stop],
      around: planned[middle],
      step,
      paint,
      wrong,
      off: valueOff[degree],
      much: amount[degree],
    });
  return {
    before: isOnFinished ? planned : below,
    now: planned.map((spectrum, stop) => (places.includes(stop) ? gone(stop) : spectrum)),
  };
}

const middle = ribbonStops.indexOf(0.5);
