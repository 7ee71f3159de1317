import type { Recipe } from '../recipe/recipe';

/** Why a line cannot stand where it was to go. */
export interface MoveRefusal {
  /** number of the line that carries the other forward, as it stands now, from 1 */
  carrier: number;
  carried: number;
  /** it draws from the other's mix, or repairs what the other dulls */
  because: 'carries' | 'restores';
}

/**
 * Moves a line to another place, unless a mix would then be carried forward from below.
 *
 * @param to index it is to have, from 0
 */
export function moveStep(recipe: Recipe, stepId: string, to: number): Recipe | MoveRefusal {
  const from = recipe.steps.findIndex(({ id }) => id === stepId);
  if (from < 0) return recipe;
  const steps = [...recipe.steps];
  steps.splice(Math.max(0, Math.min(to, steps.length - 1)), 0, ...steps.splice(from, 1));
  const now = (id: string) => recipe.steps.findIndex((step) => step.id === id) + 1;
  const above = new Set<string>();
  for (const step of steps) {
    for (const part of step.mix.parts)
      if (part.from === 'step' && !above.has(part.stepId))
        return { carrier: now(step.id), carried: now(part.stepId), because: 'carries' };
    if (step.restores !== undefined && !above.has(step.restores))
      return { carrier: now(step.id), carried: now(step.restores), because: 'restores' };
    above.add(step.id);
  }
  return { ...recipe, steps };
}
