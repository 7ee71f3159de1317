import type { Pot, Recipe } from '@yellow-ledger/core';
import { useEffect, useRef, useState } from 'react';
import type { Prediction } from './ledger.worker';
import { withShelf } from './ledgerWorker';

export interface Predicted {
  /** the newest there is; of an older draft while the next is being worked out */
  prediction: Prediction | null;
  problem: string | null;
}

/**
 * The prediction of a draft, worked out in the worker. While one is under way only the newest
 * draft waits behind it, so typing neither waits nor piles up work.
 */
export function usePrediction(recipe: Recipe | null, pots: Pot[] | undefined): Predicted {
  const [predicted, setPredicted] = useState<Predicted>({ prediction: null, problem: null });
  const waiting = useRef<{ recipe: Recipe; pots: Pot[] } | null>(null);
  const isBusy = useRef(false);

  useEffect(() => {
    if (!recipe || !pots) return;
    waiting.current = { recipe, pots };
    if (isBusy.current) return;
    isBusy.current = true;
    void (async () => {
      while (waiting.current) {
        const next = waiting.current;
        waiting.current = null;
        try {
          const prediction = await withShelf(next.pots).predict(next.recipe);
          setPredicted({ prediction, problem: null });
        } catch (error) {
          const problem = error instanceof Error ? error.message : String(error);
          setPredicted((last) => ({ ...last, problem }));
        }
      }
      isBusy.current = false;
    })();
  }, [recipe, pots]);

  return predicted;
}
