import type { BuildUp } from '../recipe/buildUp';
import type { Shelf } from '../recipe/mixedPaint';
import type { Recipe } from '../recipe/recipe';
import { adviceContext } from './adviceContext';
import { ruleNames, rules, type Remark } from './remark';

/**
 * What there is to say about a recipe: each remark with the figure behind it and, where there is
 * one, a fix.
 *
 * @param build of the same recipe
 * @throws UnknownPotError, CarryError
 */
export function adviseRecipe(recipe: Recipe, build: BuildUp, shelf: Shelf): Remark[] {
  const context = adviceContext(recipe, build, shelf);
  return ruleNames.flatMap((rule) =>
    rules[rule].find(context).map((finding) => ({ rule, ...finding })),
  );
}
