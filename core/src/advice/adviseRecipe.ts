import type { BuildUp } from '../recipe/buildUp';
import type { Shelf } from '../recipe/mixedPaint';
import type { Recipe } from '../recipe/recipe';
import { adviceContext } from './adviceContext';
import { gathered } from './gathered';
import { ruleNames, rules, type Remark } from './remark';
import { isSetAside } from './setAside';

/**
 * What there is to say about a recipe: each remark with the figure behind it and, where there is
 * one, a fix. What is to be said of several lines is said once, with the first of them.
 *
 * @param build of the same recipe
 * @throws UnknownPotError, CarryError
 */
export function adviseRecipe(recipe: Recipe, build: BuildUp, shelf: Shelf): Remark[] {
  const context = adviceContext(recipe, build, shelf);
  const remarks = ruleNames.flatMap((rule) =>
    rules[rule].find(context).map((finding): Remark => ({
      rule,
      kind: rules[rule].kind,
      ...finding,
      alsoOf: [],
      isSetAside: isSetAside(recipe, rule, finding),
    })),
  );
  return gathered(remarks, recipe);
}
