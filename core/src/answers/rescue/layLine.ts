import type { Spectrum } from '../../light/colour/spectrum';
import { depositOf, layOver } from '../../predicted/buildUp/applyStep';
import { flattenMix } from '../../written/recipe/flattenMix';
import { laidPaint } from '../../predicted/paint/laidPaint';
import { type Shelf } from '../../predicted/paint/mixedPaint';
import type { Recipe } from '../../written/recipe/recipe';
import { ribbonStops } from '../../written/place/toneAxis';

/**
 * So many coats of one line of a recipe over a surface.
 *
 * @param onto 38 bands at each of `ribbonStops`
 * @throws CarryError, UnknownPotError
 */
export function layLine(
  recipe: Recipe,
  stepId: string,
  coats: number,
  onto: readonly Spectrum[],
  shelf: Shelf,
): Spectrum[] {
  const index = recipe.steps.findIndex(({ id }) => id === stepId);
  const step = { ...recipe.steps[index], coats };
  const paint = laidPaint(
    step.technique,
    flattenMix(step.mix, recipe.steps.slice(0, index)),
    shelf,
  );
  return onto.map((below, stop) =>
    layOver(below, paint, depositOf(step, paint, ribbonStops[stop])),
  );
}
