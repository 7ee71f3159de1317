import { includedSteps } from '../../../written/recipe/includedSteps';
import type { Recipe } from '../../../written/recipe/recipe';
import type { Step } from '../../../written/recipe/step';
import { techniqueOf } from '../../../written/technique/techniques';
import type { Fix } from './fix';

/** Lines that a tint over everything dulls first: points, edges and other details. */
export function isFinePoint({ technique, stage }: Step): boolean {
  return techniqueOf(technique).isFine === true || stage === 'detail';
}

/**
 * Points and edges put on again after a filter, tied to it: with the filter switched out, its
 * repairs are out too.
 *
 * @returns null when there are none above it to repair, or it has its repairs already
 */
export function repairFix(recipe: Recipe, filterId: string): Fix | null {
  const at = recipe.steps.findIndex(({ id }) => id === filterId);
  const filter = recipe.steps[at];
  if (!filter || recipe.steps.some(({ restores }) => restores === filterId)) return null;
  const painted = new Set(includedSteps(recipe).map(({ id }) => id));
  const dulled = recipe.steps
    .slice(0, at)
    .filter((step) => isFinePoint(step) && painted.has(step.id));
  if (dulled.length === 0) return null;
  const repairs = dulled.map((step): Step => ({
    ...step,
    id: `again-${step.id}`,
    level: filter.level,
    note: '',
    restores: filterId,
    mix: { ...step.mix, parts: [{ from: 'step', stepId: step.id, parts: 1 }] },
  }));
  return {
    label:
      repairs.length === 1
        ? 'Paint the points again after it'
        : 'Paint points and edges again after it',
    changes: repairs.reverse().map((step) => ({ do: 'insertAfter', stepId: filterId, step })),
  };
}
