import type { Recipe } from './recipe';
import type { Step } from './step';
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
  const ids = new Map(steps.map(({ id }) => [id, newId()]));
  const named = (id: string) => ids.get(id) ?? id;
  return steps.map(({ restores, setAside: _answers, ...step }) => ({
    ...step,
    id: named(step.id),
    ...(restores !== undefined && { restores: named(restores) }),
    mix: {
      ...step.mix,
      parts: step.mix.parts.map((part) =>
        part.from === 'step' ? { ...part, stepId: named(part.stepId) } : part,
      ),
    },
  }));
}
