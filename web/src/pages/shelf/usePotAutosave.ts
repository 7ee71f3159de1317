import type { Kept, Pot } from '@yellow-ledger/core';
import { useEffect, useEffectEvent, useRef, useState } from 'react';
import { Autosave } from '../../store/autosave';
import { deedsActions } from '../../store/deeds/deedsSlice';
import { asProblem, currentPot, ledgerApi } from '../../store/ledgerApi';
import { useAppDispatch } from '../../store/store';

export type PotSaveState =
  | { is: 'new' | 'saved' | 'waiting' | 'saving' }
  | { is: 'failed' | 'refused'; message: string }
  | { is: 'stale'; theirs: Kept<Pot> | null };

/** Saves a pot while it is edited, and notes the whole of the editing as one thing to undo. */
export function usePotAutosave(kept: Kept<Pot>) {
  const dispatch = useAppDispatch();
  const [saveState, setSaveState] = useState<PotSaveState>({
    is: kept.revision === 0 ? 'new' : 'saved',
  });
  const before = useRef(kept.revision === 0 ? null : kept.content);
  const editing = useRef(crypto.randomUUID());
  const known = useRef(kept.revision);
  const autosave = useRef<Autosave<Pot>>(null);

  const start = useEffectEvent(
    () =>
      new Autosave<Pot>(
        known.current,
        async (content, revision) => {
          const result = await dispatch(ledgerApi.endpoints.putPot.initiate({ content, revision }));
          if (result.error) return { problem: asProblem(result.error) };
          known.current = result.data.revision;
          return { kept: result.data };
        },
        {
          waiting: () => setSaveState({ is: 'waiting' }),
          saving: () => setSaveState({ is: 'saving' }),
          saved({ content }, isNewest) {
            setSaveState({ is: isNewest ? 'saved' : 'waiting' });
            dispatch(
              deedsActions.done({
                kind: 'pots',
                label: `${before.current ? 'edit' : 'add'} ${content.name}`,
                of: editing.current,
                before: before.current,
                after: content,
              }),
            );
          },
          failed: ({ message }) => setSaveState({ is: 'failed', message }),
          refused: ({ message }) => setSaveState({ is: 'refused', message }),
          stale: (problem) => setSaveState({ is: 'stale', theirs: currentPot(problem) }),
        },
      ),
  );
  useEffect(() => {
    const started = start();
    autosave.current = started;
    return () => void started.flush().finally(() => started.stop());
  }, []);

  // The pot changed without us, as by undo: what is saved next builds on that.
  useEffect(() => {
    if (kept.revision <= known.current) return;
    known.current = kept.revision;
    before.current = kept.content;
    editing.current = crypto.randomUUID();
    void autosave.current?.continueFrom(kept.revision, null);
  }, [kept]);

  return {
    saveState,
    change: (pot: Pot) => autosave.current?.change(pot),
    /** settles a stale write: what is to stand, over what is kept now */
    settle(pot: Pot, theirs: Kept<Pot> | null) {
      known.current = theirs?.revision ?? 0;
      before.current = theirs?.content ?? null;
      editing.current = crypto.randomUUID();
      void autosave.current?.continueFrom(known.current, pot);
    },
    saveNow: () => autosave.current?.flush(),
  };
}
