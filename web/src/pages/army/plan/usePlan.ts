import type { Army, Batch, Pot } from '@yellow-ledger/core';
import * as Comlink from 'comlink';
import { useEffect, useState } from 'react';
import { withShelf } from '../../../workers/ledgerWorker';
import type { Planned } from '../../../workers/work/planWork';

export interface Planning {
  /** the newest there is; of what was asked before while the next is being planned */
  planned: Planned | null;
  /** 0–1 while it plans; null when it does not */
  progress: number | null;
  problem: string | null;
  stop: () => void;
}

/** After so long without another change it is planned anew, ms. */
const settles = 350;

/** Plans in the worker whenever the army or the batch changes; what is under way is given up then. */
export function usePlan(army: Army, batch: Batch, pots: Pot[]): Planning {
  const [planned, setPlanned] = useState<Planned | null>(null);
  const [progress, setProgress] = useState<number | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  // The plans themselves are no part of what is painted.
  const asked = JSON.stringify([{ ...army, plans: undefined }, batch]);

  useEffect(() => {
    let isThere = true;
    const timer = setTimeout(() => {
      setProgress(0);
      const [forArmy, forBatch] = JSON.parse(asked) as [Army, Batch];
      withShelf(pots)
        .planBatch(
          forArmy,
          forBatch,
          Comlink.proxy((done: number) => isThere && setProgress(done)),
        )
        .then(
          (answer) => {
            if (!isThere) return;
            setProgress(null);
            setProblem(answer?.problem ?? null);
            if (answer) setPlanned(answer);
          },
          (error: unknown) => {
            if (!isThere) return;
            setProgress(null);
            setProblem(error instanceof Error ? error.message : 'The plan did not come about.');
          },
        );
    }, settles);
    return () => {
      isThere = false;
      clearTimeout(timer);
    };
  }, [asked, pots]);

  return {
    planned,
    progress,
    problem,
    stop: () => {
      void withShelf(pots).stopPlanning();
      setProgress(null);
    },
  };
}
