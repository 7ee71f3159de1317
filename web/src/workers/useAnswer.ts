import type { Pot } from '@yellow-ledger/core';
import type { Remote } from 'comlink';
import { useEffect, useRef, useState } from 'react';
import type { LedgerWorker } from './ledger.worker';
import { withShelf } from './ledgerWorker';

export interface Answered<Answer> {
  /** the newest there is; of an older question while the next is being worked out */
  answer: Answer | null;
  problem: string | null;
}

/**
 * Asks the worker, and again whenever what the question depends on changes. While one answer is
 * under way only the newest question waits behind it.
 *
 * @param depends everything the question is made from; always as many
 * @param isAsked false asks nothing yet
 */
export function useAnswer<Answer>(
  pots: Pot[] | undefined,
  depends: readonly unknown[],
  ask: (worker: Remote<LedgerWorker>) => Promise<Answer>,
  isAsked = true,
): Answered<Answer> {
  const [answered, setAnswered] = useState<Answered<Answer>>({ answer: null, problem: null });
  const waiting = useRef<typeof ask | null>(null);
  const isBusy = useRef(false);
  const isThere = useRef(true);
  useEffect(() => {
    isThere.current = true;
    return () => {
      isThere.current = false;
    };
  }, []);

  useEffect(
    () => {
      if (!pots || !isAsked) return;
      waiting.current = ask;
      if (isBusy.current) return;
      isBusy.current = true;
      void (async () => {
        while (waiting.current && isThere.current) {
          const next = waiting.current;
          waiting.current = null;
          try {
            const answer = await next(withShelf(pots));
            if (isThere.current) setAnswered({ answer, problem: null });
          } catch (error) {
            const problem = error instanceof Error ? error.message : String(error);
            if (isThere.current) setAnswered((last) => ({ ...last, problem }));
          }
        }
        isBusy.current = false;
      })();
    },
    // `depends` says everything that `ask` is made from.
    // eslint-disable-next-line react-hooks/exhaustive-deps
    [pots, isAsked, ...depends],
  );

  return answered;
}
