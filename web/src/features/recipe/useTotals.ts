import {
  finishTotals,
  type FinishLevel,
  type FinishTotals,
  type Recipe,
} from '@yellow-ledger/core';
import { ofLog } from '../../workers/parts';
import { useAnswer } from '../../workers/useAnswer';

/** The totals of a recipe: at this painter’s pace as soon as the log has told it. */
export function useTotals(recipe: Recipe): (level?: FinishLevel) => FinishTotals {
  const { answer } = useAnswer(ofLog, [], (worker) => worker.ownFigures());
  return (level = recipe.finishLevel) => finishTotals(recipe, level, answer ?? undefined);
}
