import { isSameContent, mergeContents } from '@yellow-ledger/core';
import { useEffect, useRef, useState } from 'react';
import { useNotice } from '../../parts/shell/notices';
import { useAppDispatch } from '../store';
import { doDeed } from './doDeeds';
import { deedsActions, type Deed } from './deedsSlice';
import { allWritten, waitsFor } from './turns';
import { unsavedDeed, type QueuedKind } from './unsavedDeed';

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
 * What was on its way when the page was closed goes on from where it was.
 *
 * @param kept as it is kept; null where it was never written, undefined while it is being fetched
 * @param refetch fetches it anew, after somebody else has changed it
 */
export function useDeedQueue<Content extends NonNullable<Deed['before']>>(
  kind: QueuedKind,
  id: string,
  kept: Content | null | undefined,
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
  /** somebody else wrote meanwhile: what is waiting goes onto theirs */
  const isRebased = useRef(false);
  const chain = useRef(Promise.resolve());

  useEffect(() => {
    if (kept === undefined) return;
    // While deeds of ours are on their way, what is kept is older than what is shown.
    if (waiting.current > 0 || present.current !== acknowledged.current) return;
    // The echo of our own deeds: taking it would have everything worked out anew.
    if (isSameContent(kept, present.current)) return;
    present.current = kept;
    acknowledged.current = kept;
    setShown(kept);
  }, [kept]);

  /** @param base what the change was made from; where more is there by now, it goes onto that */
  const write = (label: string, base: Content | null, after: Content | null) => {
    waiting.current++;
    dispatch(deedsActions.began());
    if (after) unsavedDeed.keep(kind, id, { before: acknowledged.current, after });
    chain.current = chain.current.then(async () => {
      const before = acknowledged.current;
      const isMoved = isRebased.current && after && before && !isSameContent(base, before);
      const to = isMoved ? mergeContents(base, after, before).merged : after;
      const deed = { kind, label, of: crypto.randomUUID(), before, after: to } as Deed;
      const problem = await dispatch(doDeed(deed));
      waiting.current--;
      dispatch(deedsActions.ended());
      if (!problem) acknowledged.current = to;
      // One object for both says that nothing is on its way.
      if (isSameContent(present.current, acknowledged.current))
        present.current = acknowledged.current;
      if (waiting.current === 0 && !problem) isRebased.current = false;
      if (waiting.current === 0 && problem?.status !== 0) unsavedDeed.forget(kind, id);
      setIsUnsaved(problem?.status === 0);
      if (!problem || problem.status === 0) return;
      const theirs = await refetch();
      acknowledged.current = theirs;
      if (problem.status === 409 && theirs && to) return comeTogether(label, before, to, theirs);
      notify(problem.message);
      present.current = theirs;
      setShown(theirs);
    });
    waitsFor(chain.current);
  };

  /** Somebody else wrote meanwhile: what each changed is kept, and what both changed can be chosen. */
  const comeTogether = (
    label: string,
    before: Content | null,
    after: Content,
    theirs: Content,
  ): void => {
    isRebased.current = true;
    present.current = mergeContents(before, present.current ?? after, theirs).merged;
    setShown(present.current);
    write(label, before, after);
    const { merged, withMine, isContested } = mergeContents(before, after, theirs);
    if (!isContested) return notify('It was changed elsewhere too; both changes are kept.');
    const putByLabel = `${label}, over what was changed elsewhere`;
    const deed = {
      kind,
      label: putByLabel,
      of: crypto.randomUUID(),
      before: merged,
      after: withMine,
    };
    void allWritten().then(() => dispatch(deedsActions.putBy(deed as Deed)));
    notify(
      'Somebody changed the same thing elsewhere, and theirs stands. “Do again” puts yours in its place.',
    );
  };

  const isFetched = kept !== undefined;
  const goOn = useRef(() => {
    const left = unsavedDeed.find(kind, id);
    if (!left || isSameContent(left.after, present.current)) return unsavedDeed.forget(kind, id);
    const deed = { kind, label: 'what was not saved yet', of: crypto.randomUUID(), ...left };
    if (isSameContent(left.before, present.current)) {
      present.current = left.after as Content;
      setShown(present.current);
      return write(deed.label, left.before as Content | null, present.current);
    }
    unsavedDeed.forget(kind, id);
    dispatch(deedsActions.putBy({ ...deed, before: present.current } as Deed));
    notify(
      'It was changed elsewhere before your last changes were saved. “Do again” puts yours in its place.',
    );
  });
  useEffect(() => {
    // After this turn, so that what is kept stands on the page before it is changed.
    const timer = setTimeout(() => isFetched && goOn.current());
    return () => clearTimeout(timer);
  }, [isFetched]);

  return {
    shown,
    now: () => present.current,
    act(label, after) {
      const base = present.current;
      present.current = after;
      setShown(after);
      write(label, base, after);
    },
    isUnsaved,
    saveNow: () => write('write it once more', acknowledged.current, present.current),
  };
}
