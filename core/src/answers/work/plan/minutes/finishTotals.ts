import { asUsuallyPainted, usualHand, type OwnFigures } from '../../army/ownFigures';
import { shapeOf } from '../../../../written/recipe/shapeOf';
import { includedSteps } from '../../../../written/recipe/includedSteps';
import type { Recipe } from '../../../../written/recipe/recipe';
import type { FinishLevel } from '../../../../written/recipe/step';
import { waitsOf } from './dryingTime';
import { handsOnMinutes } from './handsOn';

/** The totals of a standard of finish. */
export interface FinishTotals {
  steps: number;
  coats: number;
  /** brush in hand, on all models of the recipe: minutes */
  handsOnMinutes: number;
  /** waiting for coats to dry, minutes, in a usual room: as written, or as reckoned where nothing is */
  dryMinutes: number;
  pots: number;
  /** whether some of the minutes are the painter’s own, as measured, and not a usual hand’s */
  isOwn: boolean;
}

/**
 * The totals of a recipe, at its own standard of finish or another.
 *
 * @param own the painter’s own figures, where they are known
 */
export function finishTotals(
  recipe: Recipe,
  finishLevel: FinishLevel = recipe.finishLevel,
  own: OwnFigures = usualHand,
): FinishTotals {
  const atLevel = { ...recipe, finishLevel };
  const painted = asUsuallyPainted(includedSteps(atLevel), atLevel, own);
  const shape = shapeOf(recipe);
  const place = { room: 'usual', hairDryer: recipe.hairDryer === true } as const;
  const pots = new Set(
    painted.flatMap(({ mix }) =>
      mix.parts.flatMap((part) => (part.from === 'pot' ? [part.potId] : [])),
    ),
  );
  const handsOn = painted.map(
    (step) =>
      step.coats *
      recipe.models *
      handsOnMinutes(step, recipe.areaCm2, shape, finishLevel) *
      (own.handsOn[step.technique] ?? 1),
  );
  return {
    steps: painted.length,
    coats: painted.reduce((sum, { coats }) => sum + coats, 0),
    handsOnMinutes: sumOf(handsOn),
    dryMinutes: own.drying * sumOf(waitsOf(painted, place).flat()),
    pots: pots.size,
    isOwn:
      own.drying !== 1 || painted.some(({ technique }) => own.handsOn[technique] !== undefined),
  };
}

const sumOf = (figures: readonly number[]) => figures.reduce((sum, figure) => sum + figure, 0);
