import type { Recipe } from '../../written/recipe/recipe';
import { isStillMeant, type SetAside } from '../../written/recipe/setAside';
import type { Finding } from './finding';
import type { Fix, RecipeChange } from './fixes/fix';
import type { Remark, RuleName } from './remark';

/** Whether a finding was answered with “meant so”, and says no more than it did then. */
export function isSetAside(recipe: Recipe, rule: RuleName, { stepId, figure }: Finding): boolean {
  const kept = stepId === null ? recipe.setAside : stepOf(recipe, stepId)?.setAside;
  return kept?.some((aside) => aside.rule === rule && isStillMeant(aside, figure.value)) ?? false;
}

/** Answers a remark with “meant so”: it is kept with each line it is about. */
export function setAsideFix({ rule, stepId, alsoOf, figure }: Remark, recipe: Recipe): Fix {
  return {
    label: 'Meant so',
    changes: changesOf(stepId, alsoOf, recipe, (kept) => [
      ...withoutRule(kept, rule),
      { rule, value: figure.value },
    ]),
  };
}

/** Takes “meant so” back. */
export function bringBackFix({ rule, stepId, alsoOf }: Remark, recipe: Recipe): Fix {
  return {
    label: 'Say it again',
    changes: changesOf(stepId, alsoOf, recipe, (kept) => withoutRule(kept, rule)),
  };
}

function changesOf(
  stepId: string | null,
  alsoOf: readonly string[],
  recipe: Recipe,
  next: (kept: readonly SetAside[]) => SetAside[],
): RecipeChange[] {
  if (stepId === null) return [{ do: 'setAside', setAside: next(recipe.setAside ?? []) }];
  return [stepId, ...alsoOf].flatMap((id): RecipeChange[] => {
    const step = stepOf(recipe, id);
    return step ? [{ do: 'replace', step: { ...step, setAside: next(step.setAside ?? []) } }] : [];
  });
}

const withoutRule = (kept: readonly SetAside[], rule: RuleName) =>
  kept.filter((aside) => aside.rule !== rule);

const stepOf = ({ steps }: Recipe, stepId: string) => steps.find(({ id }) => id === stepId);
