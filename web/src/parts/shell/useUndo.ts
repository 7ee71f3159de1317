import { redoDeed, undoDeed } from '../../store/deeds/doDeeds';
import { draftActions } from '../../store/draft/draftSlice';
import { useAppDispatch, useAppSelector, useAppStore } from '../../store/store';
import { useNotice } from './notices';
import type { Undo } from './undo';
import { useBenchUndo } from './useBenchUndo';

/** Undo for what is on screen: the recipe's own history while one is open, else what was done to the lists. */
export function useUndo(): Undo {
  const dispatch = useAppDispatch();
  const notify = useNotice();
  const store = useAppStore();
  const draft = useAppSelector((state) => state.draft.open);
  const deeds = useAppSelector((state) => state.deeds);
  const benchUndo = useBenchUndo();
  if (benchUndo) return benchUndo;
  if (draft)
    return {
      canUndo: draft.history.past.length > 0,
      canRedo: draft.history.future.length > 0,
      undoes: '',
      redoes: '',
      undo: () => dispatch(draftActions.undone()),
      redo: () => dispatch(draftActions.redone()),
    };
  const last = deeds.done.at(-1);
  const next = deeds.undone.at(-1);
  return {
    // What shows already can be undone, though it is still being written.
    canUndo: last !== undefined || deeds.writing > 0,
    canRedo: next !== undefined,
    undoes: last?.label ?? '',
    redoes: next?.label ?? '',
    undo: () =>
      void dispatch(undoDeed()).then((problem) => {
        // Which one it was is known only once it is done: one may still have been on its way.
        const undone = store.getState().deeds.undone.at(-1);
        if (problem) notify(problem.message);
        else if (undone) notify(`Undone: ${undone.label}.`);
      }),
    redo: () =>
      void dispatch(redoDeed()).then((problem) =>
        notify(problem ? problem.message : `Done again: ${next?.label}.`),
      ),
  };
}
