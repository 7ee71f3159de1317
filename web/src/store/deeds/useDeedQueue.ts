import { isSameContent } from '@yellow-ledger/core';
import { useEffect, useRef, useState } from 'react';
import { useNotice } from '../../parts/shell/notices';
import { useAppDispatch } from '../store';
import { doDeed } from './doDeeds';
import type { Deed } from './deedsSlice';

export interface DeedQueue<Content> {
  /** what is on the page: what is kept, with the deeds that are still on their way */
  shown: Content | null;
  /** shows a change at once and writes it behind, as one thing to undo */
  act: (label: string, after: Content) => void;
  /** what is on the page this moment, for making a change from it */
  now: () => Content | null;
  /** the last deeds are only on this page yet: the server does not answer */
  isUnsaved: boolean;
  saveNow: () => void;
}

/**
 * A record that is changed deed by deed. What is done shows at once and is written behind, in its
 * order; each deed can be undone. While the server is gone deeds pile up, and go with the next try.
 *
 * @param kept as it is kept; null where it was never written
 * @param refetch fetches it anew, after somebody else has changed it
 */
export function useDeedQueue<Content extends NonNullable<Deed['before']>>(
  kind: Deed['kind'],
  kept: Content | null,
  refetch: () => Promise<Content | null>,
): DeedQueue<Content> {
  const dispatch = useAppDispatch();
  const notify = useNotice();
  const [shown, setShown] = useState<Content | null>(null);
  const [isUnsaved, setIsUnsaved] = useState(false);
  const present = useRef<Content | null>(null);
  /** as the server has it, as far as we know */
  const acknowledged = useRef<Content | null>(null);
  const waiting = useRef(0);
  const chain = useRef(Promise.resolve());

  useEffect(() => {
    // While deeds of ours are on their way, what is kept is older than what is shown.
    if (waiting.current > 0 || present.current !== acknowledged.current) return;
    // The echo of our own deeds: taking it would have everything worked out anew.
    if (isSameContent(kept, present.current)) return;
    present.current = kept;
    acknowledged.current = kept;
    setShown(kept);
  }, [kept]);

  const write = (label: string, after: Content | null) => {
    waiting.current++;
    chain.current = chain.current.then(async () => {
      const before = acknowledged.current;
      const deed = { kind, label, of: crypto.randomUUID(), before, after } as Deed;
      const problem = await dispatch(doDeed(deed));
      waiting.current--;
      if (!problem) acknowledged.current = after;
      setIsUnsaved(problem?.status === 0);
      if (!problem || problem.status === 0) return;
      notify(problem.message);
      acknowledged.current = present.current = await refetch();
      setShown(present.current);
    });
  };

  return {
    shown,
    now: () => present.current,
    act(label, after) {
      present.current = after;
      setShown(after);
      write(label, after);
    },
    isUnsaved,
    saveNow: () => write('write it once more', present.current),
  };
}
