import type { Pot, Recipe } from '@yellow-ledger/core';
import { useAnswer } from './useAnswer';

/** The prediction of a draft, worked out in the worker, so that typing does not wait for it. */
export function usePrediction(recipe: Recipe, pots: Pot[] | undefined) {
  const { answer, problem } = useAnswer(pots, [recipe], (worker) => worker.predict(recipe));
  return { prediction: answer, problem };
}
