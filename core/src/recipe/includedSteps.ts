import type { Recipe } from './recipe';
import { finishLevels, type FinishLevel, type Step } from './step';

/** Whether a finish level takes a line in. @example reaches({ …step, level: 'display' }, 'table') // → false */
export function reaches(step: Pick<Step, 'level'>, finishLevel: FinishLevel): boolean {
  return finishLevels.indexOf(step.level) <= finishLevels.indexOf(finishLevel);
}

/** Coats of a line at a finish level: its own figure for that level, or its usual one. */
export function coatsOf(step: Pick<Step, 'coats' | 'coatsAt'>, finishLevel: FinishLevel): number {
  return step.coatsAt?.[finishLevel] ?? step.coats;
}

/**
 * The lines that are painted at a recipe's finish level, in order, each with its coats at that
 * level. A line that is switched out is left out, and with it whatever repairs its dulling.
 */
export function includedSteps({
  steps,
  finishLevel,
}: Pick<Recipe, 'steps' | 'finishLevel'>): Step[] {
  const painted = new Set<string>();
  return steps.flatMap((step) => {
    const isPainted =
      reaches(step, finishLevel) &&
      !step.isOut &&
      (step.restores === undefined || painted.has(step.restores));
    if (!isPainted) return [];
    painted.add(step.id);
    return [{ ...step, coats: coatsOf(step, finishLevel) }];
  });
}
