import type { Recipe, RecolourAsked } from '@yellow-ledger/core';
import { useEffect, useRef, useState } from 'react';
import { ofShelf } from '../../../workers/parts';
import { useWorker } from '../../../workers/useWorker';
import type { RecolouredPair } from './recolourWork';

/** How far a recolouring has come: lines looked at of so many; null while none is under way. */
export interface Looking {
  done: number;
  of: number;
}

/** Looks for the mixes of a whole recipe a line at a time; it can be stopped between two. */
export function useRecolouring(recipe: Recipe) {
  const workerKnowing = useWorker(ofShelf);
  const [looking, setLooking] = useState<Looking | null>(null);
  const [found, setFound] = useState<RecolouredPair | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const stopped = useRef(false);
  useEffect(() => {
    stopped.current = false;
    return () => {
      stopped.current = true;
    };
  }, []);
  const look = async (asked: RecolourAsked) => {
    stopped.current = false;
    setProblem(null);
    setFound(null);
    try {
      const worker = workerKnowing();
      const of = await worker.beginRecolour(recipe, asked);
      for (let line = 0; line < of && !stopped.current; line++) {
        setLooking({ done: line, of });
        await worker.lookRecolour(line);
      }
      if (!stopped.current) setFound(await worker.recoloured(recipe));
    } catch (error) {
      setProblem(error instanceof Error ? error.message : String(error));
    }
    setLooking(null);
  };
  const stop = () => {
    stopped.current = true;
  };
  return { look, stop, looking, found, problem };
}
