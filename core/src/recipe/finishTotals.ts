import { includedSteps } from './includedSteps';
import type { Recipe } from './recipe';
import type { FinishLevel } from './step';

/** What a finish level adds up to. */
export interface FinishTotals {
  steps: number;
  coats: number;
  /** waiting for coats to dry, minutes */
  dryMinutes: number;
  pots: number;
}

/** What a recipe adds up to, at its own finish level or another. */
export function finishTotals(
  recipe: Recipe,
  finishLevel: FinishLevel = recipe.finishLevel,
): FinishTotals {
  const painted = includedSteps({ ...recipe, finishLevel });
  const pots = new Set(
    painted.flatMap(({ mix }) =>
      mix.parts.flatMap((part) => (part.from === 'pot' ? [part.potId] : [])),
    ),
  );
  return {
    steps: painted.length,
    coats: painted.reduce((sum, { coats }) => sum + coats, 0),
    dryMinutes: painted.reduce((sum, { coats, dryMinutes }) => sum + coats * dryMinutes, 0),
    pots: pots.size,
  };
}
