import type { Spectrum } from '../colour/spectrum';
import { depositOf, layOver } from './applyStep';
import { flattenMix } from './flattenMix';
import { includedSteps } from './includedSteps';
import { groundOf, mixedPaint, potOn, type Shelf } from './mixedPaint';
import type { Recipe } from './recipe';
import { ribbonStops } from './toneAxis';

/**
 * What a line goes onto: the reflectance at each stop after the lines painted before it.
 *
 * @returns 38 bands a stop; the whole build-up where the line is not in the recipe
 * @throws CarryError, UnknownPotError
 */
export function surfaceBelow(
  recipe: Recipe,
  shelf: Shelf,
  stepId: string,
  stops: readonly number[] = ribbonStops,
): Spectrum[] {
  const ground = groundOf(potOn(shelf, recipe.groundPotId));
  return laidOver(
    recipe,
    shelf,
    stops.map(() => ground),
    stops,
    stepId,
  );
}

/**
 * What a recipe makes of a surface that is not its own ground.
 *
 * @param onto 38 bands a stop
 * @param upTo the line to stop before; all of them where not said
 * @throws CarryError, UnknownPotError
 */
export function laidOver(
  recipe: Recipe,
  shelf: Shelf,
  onto: readonly Spectrum[],
  stops: readonly number[] = ribbonStops,
  upTo?: string,
): Spectrum[] {
  let surface = [...onto];
  const painted = new Map(includedSteps(recipe).map((step) => [step.id, step]));
  for (const [index, { id }] of recipe.steps.entries()) {
    if (id === upTo) break;
    const step = painted.get(id);
    if (!step) continue;
    const paint = mixedPaint(flattenMix(step.mix, recipe.steps.slice(0, index)), shelf);
    surface = surface.map((below, i) => layOver(below, paint, depositOf(step, paint, stops[i])));
  }
  return surface;
}
