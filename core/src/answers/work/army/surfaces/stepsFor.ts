import { includedSteps } from '../../../../written/recipe/includedSteps';
import type { Recipe } from '../../../../written/recipe/recipe';
import type { Step } from '../../../../written/recipe/step';
import type { UnitSurface } from '../army';

/** Lines that go on a surface nobody sees: nothing after the base. */
const seenByNobody: readonly Step['stage'][] = ['prime', 'base'];

/** The lines of a recipe that are painted on a surface: on a hidden one only those up to its base. */
export function stepsFor({ isHidden }: Pick<UnitSurface, 'isHidden'>, recipe: Recipe): Step[] {
  const painted = includedSteps(recipe);
  return isHidden ? painted.filter(({ stage }) => seenByNobody.includes(stage)) : painted;
}

/** Steps over everything that is painted, at the end. */
export const isVarnish = ({ stage }: Pick<Step, 'stage'>): boolean => stage === 'finish';

/** Whether a line waits until all else on its model is done: varnish, and what was said to. */
export function isHeldBack(
  { holdBack }: Pick<UnitSurface, 'holdBack'>,
  { stage }: Pick<Step, 'stage'>,
): boolean {
  if (isVarnish({ stage }) || holdBack === 'the whole surface') return true;
  return holdBack === 'details' && stage === 'detail';
}
