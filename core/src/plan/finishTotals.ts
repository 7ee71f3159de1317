import { formOf } from '../recipe/formOf';
import { includedSteps } from '../recipe/includedSteps';
import type { Recipe } from '../recipe/recipe';
import type { FinishLevel } from '../recipe/step';
import { waitsOf } from './dryingTime';
import { handsOnMinutes } from './handsOn';

/** What a finish level adds up to. */
export interface FinishTotals {
  steps: number;
  coats: number;
  /** brush in hand, on all models of the recipe, at the usual speed: minutes */
  handsOnMinutes: number;
  /** waiting for coats to dry, minutes, in a usual room: as written, or as reckoned where nothing is */
  dryMinutes: number;
  pots: number;
}

const usualPlace = { room: 'usual', hairDryer: false } as const;

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
    handsOnMinutes: painted.reduce(
      (sum, step) =>
        sum + step.coats * recipe.models * handsOnMinutes(step, recipe.areaCm2, formOf(recipe)),
      0,
    ),
    dryMinutes: waitsOf(painted, usualPlace)
      .flat()
      .reduce((sum, minutes) => sum + minutes, 0),
    pots: pots.size,
  };
}
