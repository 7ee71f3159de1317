import type { Kept, Recipe } from '@yellow-ledger/core';
import { useCallback, useEffect, useMemo, useSyncExternalStore } from 'react';
import { undoActions } from '../../data/undo/undoSlice';
import { useAppDispatch, useAppSelector } from '../../data/store';
import { unfinishedSlice } from '../../data/unfinishedSlice';
import { useRecord } from '../../data/useCollections';
import { useWriter } from '../../data/useWriter';
import { typingWaits } from '../../data/outbox/afterTyping';
import { recordKey, type PendingRecord, type WritingState } from '../../data/outbox/writingSlice';
import { recipeScope } from '../../kit/paint/recipeScope';

/** Where the saving of the open recipe stands. */
export type SaveState =
  | { is: 'saved' | 'waiting' | 'saving' }
  | { is: 'failed'; message: string; retryInSeconds: number }
  | { is: 'refused'; message: string }
  | { is: 'stale'; theirs: Kept<Recipe> | null };

/** The recipe under edit. */
export interface Draft {
  /** as it shows */
  recipe: Recipe;
  /** what the server is known to hold; revision 0 where it holds nothing yet */
  base: Kept<Recipe>;
  saveState: SaveState;
  /** what was typed into a form and is not right yet, by form; kept when the form closes */
  unfinished: Record<string, unknown>;
}

const nothing: Record<string, unknown> = {};
/** Edits of the same thing so soon after each other are undone as one, ms. */
const runMs = 1500;
/** Typing has to rest so long before it is sent, ms. */
const restMs = 500;

/** The recipe of a page, with where its saving stands; null where there is none, undefined while it is fetched. */
export function useDraft(recipeId: string): Draft | null | undefined {
  const kept = useRecord('recipes', recipeId);
  const pending = useAppSelector(
    (state) => state.writing.records[recordKey('recipes', recipeId)],
  ) as PendingRecord | undefined;
  const trouble = useAppSelector((state) => state.writing.trouble);
  const { recipeId: of, typed } = useAppSelector((state) => state.unfinished);
  const unfinished = of === recipeId ? typed : nothing;
  return useMemo(
    () =>
      kept && {
        recipe: kept.content,
        base: (pending?.base as Kept<Recipe> | null | undefined) ?? kept,
        saveState: saveStateOf(pending, trouble),
        unfinished,
      },
    [kept, pending, trouble, unfinished],
  );
}

/** Where the saving of a recipe stands at this moment; what was just typed is not saved. */
export function useSaveState(recipeId: string): SaveState {
  const pending = useAppSelector((state) => state.writing.records[recordKey('recipes', recipeId)]);
  const trouble = useAppSelector((state) => state.writing.trouble);
  const isTyped = useSyncExternalStore(typingWaits.listen, typingWaits.now);
  const state = saveStateOf(pending as PendingRecord | undefined, trouble);
  return state.is === 'saved' && isTyped ? { is: 'waiting' } : state;
}

function saveStateOf(
  pending: PendingRecord | undefined,
  trouble: WritingState['trouble'],
): SaveState {
  if (!pending) return { is: 'saved' };
  const { state } = pending;
  if (state.is === 'stale') return { is: 'stale', theirs: state.theirs as Kept<Recipe> | null };
  if (state.is === 'refused') return state;
  if (trouble) return { is: 'failed', ...trouble };
  return { is: state.is === 'sending' ? 'saving' : 'waiting' };
}

/**
 * Writes the open recipe as it is to be, or as made of what it is now, which may be newer than what is drawn.
 * `of` is what the edit is of: a run of edits of the same, each within so many ms of the last, is undone as one.
 */
export function useEditRecipe(
  recipeId: string,
): (next: Recipe | ((now: Recipe) => Recipe), of: string, within?: number) => void {
  const writer = useWriter();
  return useCallback(
    (next, of, within = runMs) => {
      const how = {
        of,
        scope: recipeScope(recipeId),
        within,
        whenStale: 'ask',
        restMs,
      } as const;
      writer.change(
        'recipes',
        recipeId,
        '',
        (now) => (typeof next === 'function' ? next(now) : next),
        how,
      );
    },
    [writer, recipeId],
  );
}

/** Keeps what is not right yet in a form of the open recipe; null where it is. */
export function useLeaveUnfinished(recipeId: string): (form: string, typed: unknown) => void {
  const dispatch = useAppDispatch();
  return useCallback(
    (form, typed) => dispatch(unfinishedSlice.actions.left({ recipeId, form, typed })),
    [dispatch, recipeId],
  );
}

/** On leaving the recipe, what is not sent is sent at once, and its undo is over. */
export function useLeaving(recipeId: string): void {
  const writer = useWriter();
  const dispatch = useAppDispatch();
  useEffect(
    () => () => {
      void writer.flush();
      dispatch(undoActions.scopeLeft(recipeScope(recipeId)));
      dispatch(unfinishedSlice.actions.cleared());
    },
    [writer, dispatch, recipeId],
  );
}
