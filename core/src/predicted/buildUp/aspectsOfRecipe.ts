import { aspectOfAim, aspectsOf, type Aspect } from '../../written/place/aspects';
import { aimKeyOf, aimOf } from '../../written/recipe/aimOf';
import { includedSteps } from '../../written/recipe/includedSteps';
import type { Shelf } from '../paint/mixedPaint';
import { onGround } from '../ground/onGround';
import type { Recipe } from '../../written/recipe/recipe';
import { shapeOf } from '../../written/recipe/shapeOf';

/** The aspects its lines, and those below them, cut the surface of a recipe into, the main one first. */
export function aspectsOfRecipe(recipe: Recipe, shelf: Shelf): readonly Aspect[] {
  const { recipe: whole } = onGround(recipe, shelf);
  return aspectsOf(shapeOf(whole), includedSteps(whole).map(aimOf));
}

/**
 * The aspects of recipes that are painted on one surface, the last one's: every aim of any of them.
 * A spot that one of them does not know is where another has it.
 */
export function aspectsTogether(
  shelf: Shelf,
  ...written: readonly [Recipe, ...Recipe[]]
): readonly Aspect[] {
  const recipes = written.map((each) => onGround(each, shelf).recipe);
  const last = recipes[recipes.length - 1];
  const spots = new Map(
    recipes.flatMap((each) => (each.spots ?? []).map((spot) => [spot.id, spot])),
  );
  return aspectsOf(
    { ...shapeOf(last), spots: [...spots.values()] },
    recipes.flatMap((each) => includedSteps(each).map(aimOf)),
  );
}

/** The aspect a line goes on most; the main one where it is aimed at nothing there is. */
export function aspectOfLine(recipe: Recipe, shelf: Shelf, stepId: string): Aspect {
  const step = includedSteps(recipe).find(({ id }) => id === stepId);
  const [main, ...others] = aspectsOfRecipe(recipe, shelf);
  return aspectOfAim([main, ...others], step ? aimKeyOf(step) : '');
}
