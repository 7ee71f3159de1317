import type { LogEntry } from '@yellow-ledger/core';
import { useMemo } from 'react';
import { useMatch } from 'react-router';
import { selectCollection } from '../../data/ledgerData';
import { entriesOfBench } from '../../data/log/logIndex';
import { strikesOf } from '../../data/log/strikes';
import { useAppSelector, useAppStore } from '../../data/store';
import { useWriter } from '../../data/useWriter';
import { benchUndoOf } from './benchUndoOf';
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
  const here = entriesOfBench(log, benchId);
  return useMemo(() => {
    const { undo, redo } = benchUndoOf(here);
    const strike = (entries: readonly LogEntry[]) => {
      if (entries.length > 0) writer.append(strikesOf(store.getState(), entries));
    };
    return {
      canUndo: here.length > 0,
      canRedo: redo.length > 0,
      undoes: here.length > 0 ? 'the last entry' : '',
      redoes: redo.length > 0 ? 'what was taken back' : '',
      undo: () => strike(undo),
      redo: () => strike(redo),
    };
  }, [here, writer, store]);
}
