import { inOrder, standing, type LogEntry } from '@yellow-ledger/core';
import { useMemo } from 'react';
import { useMatch } from 'react-router';
import { selectCollection } from '../../data/ledgerData';
import { strikesOf } from '../../data/log/strikes';
import { useAppSelector, useAppStore } from '../../data/store';
import { useWriter } from '../../data/useWriter';
import type { Undo } from './undo';

const nothing: readonly LogEntry[] = [];

/** Undo at the bench: the last entry is struck out, and a strike can be struck. Null elsewhere. */
export function useBenchUndo(): Undo | null {
  const benchId = useMatch('/bench/:benchId')?.params.benchId;
  const undo = useStriking(benchId ?? '');
  return benchId === undefined ? null : undo;
}

/** Takes the last entry of a bench back, and brings back what was taken back last. */
export function useStriking(benchId: string): Undo {
  const store = useAppStore();
  const writer = useWriter();
  const log = useAppSelector((state) => selectCollection(state, 'log')) ?? nothing;
  return useMemo(() => {
    const here = log.filter((entry) => entry.benchId === benchId);
    // In the order they were written: the list may hold them in another.
    const latest = [...here].sort(inOrder).at(-1);
    const canRedo = latest?.kind === 'strike';
    const strike = (entry: LogEntry | undefined) => {
      if (entry) writer.append(strikesOf(store.getState(), [entry]));
    };
    return {
      canUndo: here.length > 0,
      canRedo,
      undoes: here.length > 0 ? 'the last entry' : '',
      redoes: canRedo ? 'what was taken back' : '',
      undo: () => strike(standing(here).at(-1)),
      redo: () => strike(canRedo ? latest : undefined),
    };
  }, [log, benchId, writer, store]);
}
