import { asLeft, asMeasured, type Kept, type Pot } from '@yellow-ledger/core';
import { useState, useSyncExternalStore } from 'react';
import { useAppSelector } from '../../data/store';
import { useWriter } from '../../data/useWriter';
import { typingWaits } from '../../data/outbox/afterTyping';
import { recordKey, type PendingRecord } from '../../data/outbox/writingSlice';

export type PotSaveState =
  | { is: 'new' | 'saved' | 'waiting' | 'saving' }
  | { is: 'failed' | 'refused'; message: string }
  | { is: 'stale'; theirs: Kept<Pot> | null };

/** Typing has to rest so long before it is sent, ms. */
const restMs = 500;

/** Writes a pot while it is edited; the whole of the editing is one thing to undo. */
export function usePotWriting(kept: Kept<Pot>) {
  const writer = useWriter();
  const [editing] = useState(() => crypto.randomUUID());
  const { id } = kept.content;
  const pending = useAppSelector((state) => state.writing.records[recordKey('pots', id)]) as
    PendingRecord | undefined;
  const trouble = useAppSelector((state) => state.writing.trouble);
  const isTyped = useSyncExternalStore(typingWaits.listen, typingWaits.now);
  return {
    /** with what is left in it in place of what was measured */
    value: asLeft(kept),
    saveState: saveStateOf(),
    change(edited: Pot) {
      const before = writer.shown('pots', id) as Pot | null;
      const after = asMeasured(before ? { ...kept, content: before } : kept, edited, now());
      const label = `${before ? 'edit' : 'add'} ${after.name}`;
      const records = [{ name: 'pots' as const, before, after }];
      writer.do(label, { records }, { of: editing, whenStale: 'ask', restMs });
    },
    /** settles a stale write: mine, or theirs */
    settle: (pot: Pot | null) => writer.settle('pots', id, pot),
    saveNow: () => (pending?.state.is === 'refused' ? writer.tryAgain() : void writer.flush()),
  };

  function saveStateOf(): PotSaveState {
    if (!pending && kept.revision === 0) return { is: 'new' };
    if (!pending) return { is: isTyped ? 'waiting' : 'saved' };
    const { state } = pending;
    if (state.is === 'stale') return { is: 'stale', theirs: state.theirs as Kept<Pot> | null };
    if (state.is === 'refused') return state;
    if (trouble) return { is: 'failed', message: trouble.message };
    return { is: state.is === 'sending' ? 'saving' : 'waiting' };
  }
}

const now = () => new Date().toISOString();
