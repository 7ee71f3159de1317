import type { Recipe } from '../recipe/recipe';
import type { Step } from '../recipe/step';
import { withNewIds } from './withNewIds';
import { withoutStep } from './withoutStep';

/**
 * Lines of a recipe, to be put into another: what they carried forward of lines that stay behind is
 * written out in its own parts, and each has a new identifier.
 *
 * @param newId gives an identifier no line has
 */
export function copiedLines(
  recipe: Recipe,
  stepIds: readonly string[],
  newId: () => string,
): Step[] {
  const left = recipe.steps.filter(({ id }) => !stepIds.includes(id));
  const { steps } = left.reduce((rest, { id }) => withoutStep(rest, id), recipe);
  return withNewIds(steps, newId).map(({ setAside: _answers, ...step }) => step);
}
