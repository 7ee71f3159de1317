import type { Spectrum } from '../colour/spectrum';
import { flattenMix } from './flattenMix';
import { includedSteps } from './includedSteps';
import { putOn, type Laid } from './lift';
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
    { stops, upTo: stepId },
  );
}

/** Which lines of a recipe are laid, and at which places of the tone axis. */
export interface PartOfRecipe {
  stops?: readonly number[];
  after?: string;
  upTo?: string | undefined;
}

/**
 * What a recipe makes of a surface that is not its own ground.
 *
 * @param onto 38 bands a stop
 * @param lines `after`: only the lines after this one; `upTo`: only the lines before this one
 * @throws CarryError, UnknownPotError
 */
export function laidOver(
  recipe: Recipe,
  shelf: Shelf,
  onto: readonly Spectrum[],
  { stops = ribbonStops, after, upTo }: PartOfRecipe = {},
): Spectrum[] {
  let laid: Laid = { surface: onto, wet: null };
  let isBegun = after === undefined;
  const painted = new Map(includedSteps(recipe).map((step) => [step.id, step]));
  for (const [index, { id }] of recipe.steps.entries()) {
    if (id === upTo) break;
    const step = painted.get(id);
    const isWanted = isBegun && step;
    isBegun ||= id === after;
    if (!isWanted) continue;
    const paint = mixedPaint(flattenMix(step.mix, recipe.steps.slice(0, index)), shelf);
    laid = putOn(laid, step, paint, stops);
  }
  return [...laid.surface];
}
