import { useMemo } from 'react';
import { useLocation } from 'react-router';
import { useAppDispatch, useAppSelector } from '../../store/store';
import type { Undo } from './undo';

// Every page has the button, and only the bench what it takes to write into the log.
const log = () => import('../../store/log/sendLog');

/** Undo at the bench: the last entry is struck out, and a strike can be struck. Null elsewhere. */
export function useBenchUndo(): Undo | null {
  const dispatch = useAppDispatch();
  const { pathname } = useLocation();
  const { benchId, entries } = useAppSelector((state) => state.log);
  const isHere = benchId !== null && pathname === `/bench/${benchId}`;
  const canRedo = entries.at(-1)?.kind === 'strike';
  return useMemo(() => {
    if (!isHere) return null;
    return {
      canUndo: entries.length > 0,
      canRedo,
      undoes: entries.length > 0 ? 'the last entry' : '',
      redoes: canRedo ? 'what was taken back' : '',
      undo: () => void log().then(({ takeBack }) => dispatch(takeBack())),
      redo: () => void log().then(({ bringBack }) => dispatch(bringBack())),
    };
  }, [isHere, canRedo, entries, dispatch]);
}
