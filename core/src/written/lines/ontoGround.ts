import type { Recipe } from '../recipe/recipe';
import { formOf } from '../recipe/shapeOf';

/**
 * A recipe that goes onto a finished surface from now on: what it does not say of its places itself,
 * it has from there.
 */
export function ontoGround(recipe: Recipe, below: Recipe): Recipe {
  const { light, sections, spots } = below;
  return {
    form: formOf(below),
    ...(light && { light }),
    ...(sections && { sections }),
    ...(spots && { spots }),
    ...recipe,
  };
}
