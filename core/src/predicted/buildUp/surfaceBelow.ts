import type { Spectrum } from '../../light/colour/spectrum';
import { flattenMix } from '../../written/recipe/flattenMix';
import type { Aspect } from '../../written/place/aspects';
import { aspectOfLine, aspectsOfRecipe } from './aspectsOfRecipe';
import { paintedSteps } from '../../written/recipe/paintedSteps';
import { putOn, type Laid } from './lift';
import { laidPaint } from '../paint/laidPaint';
import { groundOf, potOn, type Shelf } from '../paint/mixedPaint';
import { onGround } from '../ground/onGround';
import type { Recipe } from '../../written/recipe/recipe';
import { ribbonStops } from '../../written/place/toneAxis';

/**
 * The surface below a line: the reflectance at each stop after the lines painted before it, where the
 * line goes on unless another aspect is asked for.
 *
 * @returns 38 bands a stop; the whole build-up where the line is not in the recipe
 * @throws CarryError, UnknownPotError
 */
export function surfaceBelow(
  recipe: Recipe,
  shelf: Shelf,
  stepId: string,
  {
    stops = ribbonStops,
    aspect = aspectOfLine(recipe, shelf, stepId),
  }: Pick<PartOfRecipe, 'stops' | 'aspect'> = {},
): Spectrum[] {
  const ground = groundSurface(recipe, shelf, stops, aspect);
  return laidOver(recipe, shelf, ground, { stops, upTo: stepId, aspect });
}

/**
 * The surface below the first line of a recipe: its primer, or the finished surface it is painted on.
 *
 * @returns 38 bands a stop
 * @throws CarryError, UnknownPotError
 */
export function groundSurface(
  recipe: Recipe,
  shelf: Shelf,
  stops: readonly number[] = ribbonStops,
  aspect: Aspect = aspectsOfRecipe(recipe, shelf)[0],
): Spectrum[] {
  const { recipe: whole, below } = onGround(recipe, shelf);
  const primer = groundOf(potOn(shelf, whole.groundPotId));
  const bare = stops.map(() => primer);
  if (below === 0) return bare;
  return laidOver(whole, shelf, bare, { stops, upTo: whole.steps.at(below)?.id, aspect });
}

/** Which lines of a recipe are laid, and at which places of which aspect. */
export interface PartOfRecipe {
  stops?: readonly number[];
  /** the plain one where not said */
  aspect?: Aspect | undefined;
  after?: string;
  upTo?: string | undefined;
}

/**
 * A recipe's result on a surface that is not its own ground.
 *
 * @param onto 38 bands a stop
 * @param lines `after`: only the lines after this one; `upTo`: only the lines before this one
 * @throws CarryError, UnknownPotError
 */
export function laidOver(
  recipe: Recipe,
  shelf: Shelf,
  onto: readonly Spectrum[],
  {
    stops = ribbonStops,
    aspect = aspectsOfRecipe(recipe, shelf)[0],
    after,
    upTo,
  }: PartOfRecipe = {},
): Spectrum[] {
  let laid: Laid = { surface: onto, wet: null };
  let isBegun = after === undefined;
  const painted = new Map(paintedSteps(recipe, aspect).map((step) => [step.id, step]));
  for (const [index, { id }] of recipe.steps.entries()) {
    if (id === upTo) break;
    const step = painted.get(id);
    const isWanted = isBegun && step;
    isBegun ||= id === after;
    if (!isWanted) continue;
    const paint = laidPaint(
      step.technique,
      flattenMix(step.mix, recipe.steps.slice(0, index)),
      shelf,
    );
    laid = putOn(laid, step, paint, stops);
  }
  return [...laid.surface];
}
