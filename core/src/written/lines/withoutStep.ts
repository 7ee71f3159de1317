import type { Mix, MixPart } from '../mix/mix';
import type { Recipe } from '../recipe/recipe';
import type { Step } from '../recipe/step';
import { fittingParts, sameTogether } from '../mix/simplestParts';

/**
 * Takes a line out of a recipe. Lines that carried its mix forward get that mix written out in its
 * own parts, so that their colour stays what it was.
 *
 * @returns a new recipe; the same one when no line has this id
 */
export function withoutStep(recipe: Recipe, stepId: string): Recipe {
  const gone = recipe.steps.find(({ id }) => id === stepId);
  if (!gone) return recipe;
  const steps = recipe.steps
    .filter((step) => step !== gone)
    .map((step) => {
      const { restores, ...rest } = step;
      const kept = restores === undefined || restores === gone.id ? rest : step;
      return { ...kept, mix: writtenOut(step.mix, gone) };
    });
  return { ...recipe, steps };
}

/** Lines that carry a step's mix forward. */
export function carriersOf(steps: readonly Step[], stepId: string): Step[] {
  return steps.filter(({ mix }) =>
    mix.parts.some((part) => part.from === 'step' && part.stepId === stepId),
  );
}

/**
 * A recipe whose line is painted otherwise. Where it holds no paint any more, lines that carried its
 * mix forward get the mix it had written out.
 *
 * @returns the same recipe when no line has its id
 */
export function withStep(recipe: Recipe, step: Step): Recipe {
  const was = recipe.steps.find(({ id }) => id === step.id);
  if (!was) return recipe;
  const isEmptied = step.mix.parts.length === 0 && was.mix.parts.length > 0;
  const steps = recipe.steps.map((each) => {
    if (each === was) return step;
    return isEmptied ? { ...each, mix: writtenOut(each.mix, was) } : each;
  });
  return { ...recipe, steps };
}

function writtenOut(mix: Mix, gone: Step): Mix {
  if (!mix.parts.some((part) => part.from === 'step' && part.stepId === gone.id)) return mix;
  const total = gone.mix.parts.reduce((sum, { parts }) => sum + parts, 0);
  // Multiplied through by the total, so that whole parts stay whole.
  const spread = mix.parts.flatMap((part): MixPart[] =>
    part.from === 'step' && part.stepId === gone.id
      ? gone.mix.parts.map((inner) => ({ ...inner, parts: inner.parts * part.parts }))
      : [{ ...part, parts: part.parts * total }],
  );
  return { ...mix, parts: fittingParts(sameTogether(spread)) };
}
