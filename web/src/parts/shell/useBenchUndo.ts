import { inOrder, standing } from '@yellow-ledger/core';
import { useMemo } from 'react';
import { useLocation } from 'react-router';
import { useAppDispatch, useAppSelector } from '../../store/store';
import type { Undo } from './undo';

/** Undo at the bench: the last entry is struck out, and a strike can be struck. Null elsewhere. */
export function useBenchUndo(): Undo | null {
  const dispatch = useAppDispatch();
  const { pathname } = useLocation();
  const { benchId, entries } = useAppSelector((state) => state.log);
  const isHere = benchId !== null && pathname === `/bench/${benchId}`;
  return useMemo(() => {
    if (!isHere) return null;
    const last = standing(entries).at(-1);
    const newest = [...entries].sort(inOrder).at(-1);
    const strike = (of: string | undefined) => {
      if (of === undefined) return;
      // Every page has this button, and only the bench what it needs to write.
      void import('../../store/log/sendLog').then(({ entryHead, writeEntries }) =>
        dispatch(writeEntries([{ kind: 'strike', ...entryHead(entries), benchId, of }])),
      );
    };
    return {
      canUndo: last !== undefined,
      canRedo: newest?.kind === 'strike',
      undoes: last ? 'the last entry' : '',
      redoes: newest?.kind === 'strike' ? 'what was taken back' : '',
      undo: () => strike(last?.id),
      redo: () => newest?.kind === 'strike' && strike(newest.id),
    };
  }, [isHere, benchId, entries, dispatch]);
}
