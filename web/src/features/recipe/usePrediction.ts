import type { Recipe } from '@yellow-ledger/core';
import { ofShelf } from '../../workers/parts';
import { useAnswer } from '../../workers/useAnswer';

/** The prediction of a draft, worked out in the worker, so that typing does not wait for it. */
export function usePrediction(recipe: Recipe) {
  const { answer, problem } = useAnswer(ofShelf, [recipe], (worker) => worker.predict(recipe));
  return { prediction: answer, problem };
}
