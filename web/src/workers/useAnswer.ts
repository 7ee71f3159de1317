import type { Remote } from 'comlink';
import { dequal } from 'dequal';
import { startTransition, useEffect, useRef, useState } from 'react';
import { shallowEqual } from 'react-redux';
import { selectCollection, type Collection } from '../data/ledgerData';
import { useAppSelector, useAppStore } from '../data/store';
import { useCollections } from '../data/useCollections';
import type { LedgerWorker } from './ledger.worker';
import { workerSync } from './ledgerWorker';
import { counting } from './questions';

export interface Answered<Answer> {
  /**
   * The newest there is; of an older question while the next is being worked out. What says the
   * same stays the same object: which question it is of is told by what is in it, not by identity.
   */
  answer: Answer | null;
  problem: string | null;
}

/**
 * Asks the worker, and again whenever what the question or the answer depends on changes. While one
 * answer is under way only the newest question waits behind it.
 *
 * @param parts what of the ledger it is answered from
 * @param depends everything the question is made from; always as many
 * @param isAsked false asks nothing yet
 */
export function useAnswer<Answer>(
  parts: readonly Collection[],
  depends: readonly unknown[],
  ask: (worker: Remote<LedgerWorker>) => Promise<Answer>,
  isAsked = true,
): Answered<Answer> {
  const store = useAppStore();
  const { isReady, error } = useCollections(parts);
  const inHand = useAppSelector(
    (state) => parts.map((part) => selectCollection(state, part)),
    shallowEqual,
  );
  const [answered, setAnswered] = useState<Answered<Answer>>({ answer: null, problem: null });
  const waiting = useRef<{ ask: typeof ask; parts: readonly Collection[] } | null>(null);
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
      if (!isReady || !isAsked) return;
      waiting.current = { ask, parts };
      if (isBusy.current) return;
      isBusy.current = true;
      void (async () => {
        while (waiting.current && isThere.current) {
          const next = waiting.current;
          waiting.current = null;
          try {
            const answer = await counting(next.ask(workerSync.tell(store.getState(), next.parts)));
            // A letter that is typed meanwhile does not wait until the answer is drawn.
            if (isThere.current)
              startTransition(() => setAnswered((last) => answeredAfter(last, answer)));
          } catch (fault) {
            const problem = fault instanceof Error ? fault.message : String(fault);
            if (isThere.current) setAnswered((last) => ({ ...last, problem }));
          }
        }
        isBusy.current = false;
      })();
    },
    // `depends` says everything that `ask` is made from, and `inHand` what it is answered from.
    // eslint-disable-next-line react-hooks/exhaustive-deps
    [isReady, isAsked, inHand, ...depends],
  );

  if (error && !isReady) return { ...answered, problem: error.message };
  return answered;
}

/** An equal answer stays the same object: nothing is drawn again for it. */
function answeredAfter<Answer>(last: Answered<Answer>, answer: Answer): Answered<Answer> {
  if (!dequal(last.answer, answer)) return { answer, problem: null };
  return last.problem === null ? last : { ...last, problem: null };
}
