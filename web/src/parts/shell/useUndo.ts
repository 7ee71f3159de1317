import { redoDeed, undoDeed } from '../../store/deeds/doDeeds';
import { draftActions } from '../../store/draft/draftSlice';
import { useAppDispatch, useAppSelector } from '../../store/store';
import { useNotice } from './notices';

export interface Undo {
  canUndo: boolean;
  canRedo: boolean;
  /** what would be undone, in a few words; empty where the thing itself shows it */
  undoes: string;
  redoes: string;
  undo: () => void;
  redo: () => void;
}

/** Undo for what is on screen: the recipe's own history while one is open, else what was done to the lists. */
export function useUndo(): Undo {
  const dispatch = useAppDispatch();
  const notify = useNotice();
  const draft = useAppSelector((state) => state.draft.open);
  const deeds = useAppSelector((state) => state.deeds);
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
    canUndo: last !== undefined,
    canRedo: next !== undefined,
    undoes: last?.label ?? '',
    redoes: next?.label ?? '',
    undo: () =>
      void dispatch(undoDeed()).then((problem) =>
        notify(problem ? problem.message : `Undone: ${last?.label}.`),
      ),
    redo: () =>
      void dispatch(redoDeed()).then((problem) =>
        notify(problem ? problem.message : `Done again: ${next?.label}.`),
      ),
  };
}
