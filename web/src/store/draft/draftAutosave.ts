import {
  mergeRecipes,
  type Difference,
  type Kept,
  type Recipe,
  type Side,
} from '@yellow-ledger/core';
import {
  createListenerMiddleware,
  isAnyOf,
  type ThunkAction,
  type UnknownAction,
} from '@reduxjs/toolkit';
import { Autosave } from '../autosave';
import { asProblem, currentRecipe, ledgerApi } from '../ledgerApi';
import type { RootState } from '../rootState';
import { draftActions } from './draftSlice';
import { unsavedDrafts } from './unsavedDrafts';

type Thunk<Result = void> = ThunkAction<Result, RootState, unknown, UnknownAction>;

/** The saving of the open draft; not in the store, as it is no plain data. */
let autosave: Autosave<Recipe> | null = null;

/** Every change of the open recipe is put by in the browser and sent on. */
export const draftListener = createListenerMiddleware<RootState>();
draftListener.startListening({
  matcher: isAnyOf(draftActions.edited, draftActions.undone, draftActions.redone),
  effect: (_action, { getState }) => {
    const draft = getState().draft.open;
    if (!draft) return;
    const recipe = draft.history.present;
    unsavedDrafts.keep(recipe, draft.base);
    autosave?.change(recipe);
  },
});

/** Opens a recipe for editing, with what an earlier visit could not save. */
export function openDraft(kept: Kept<Recipe>): Thunk {
  return (dispatch) => {
    const recipeId = kept.content.id;
    autosave?.stop();
    autosave = new Autosave<Recipe>(
      kept.revision,
      async (content, revision) => {
        const request = dispatch(ledgerApi.endpoints.putRecipe.initiate({ content, revision }));
        const result = await request;
        request.reset();
        return result.error ? { problem: asProblem(result.error) } : { kept: result.data };
      },
      {
        waiting: () => dispatch(draftActions.saveStateChanged({ is: 'waiting' })),
        saving: () => dispatch(draftActions.saveStateChanged({ is: 'saving' })),
        saved(saved, isNewest) {
          if (isNewest) unsavedDrafts.forget(recipeId);
          dispatch(draftActions.saved({ kept: saved, isNewest }));
        },
        failed: ({ message }, retryInSeconds) =>
          dispatch(draftActions.saveStateChanged({ is: 'failed', message, retryInSeconds })),
        refused: ({ message }) =>
          dispatch(draftActions.saveStateChanged({ is: 'refused', message })),
        stale: (problem) =>
          dispatch(draftActions.saveStateChanged({ is: 'stale', theirs: currentRecipe(problem) })),
      },
    );
    const unsaved = unsavedDrafts.find(recipeId);
    const differs = unsaved && JSON.stringify(unsaved.recipe) !== JSON.stringify(kept.content);
    if (!differs) {
      dispatch(draftActions.opened({ base: kept, unsaved: null }));
      return unsavedDrafts.forget(recipeId);
    }
    dispatch(draftActions.opened({ base: unsaved.base, unsaved: unsaved.recipe }));
    // Sent as made from the revision it was made from: if the record has moved on, the painter chooses.
    void autosave.continueFrom(unsaved.base.revision, unsaved.recipe);
  };
}

/** Saves at once; for the button, and for leaving the page. */
export function saveNow(): Thunk<Promise<void>> {
  return () => autosave?.flush() ?? Promise.resolve();
}

/** Leaves the recipe: what is not saved is sent now, and stays put by until it is. */
export function closeDraft(): Thunk {
  return (dispatch) => {
    const leaving = autosave;
    autosave = null;
    void leaving?.flush().finally(() => leaving.stop());
    dispatch(draftActions.closed());
  };
}

/** Settles a stale write as the painter chose, and saves the result. */
export function settleDraft(
  theirs: Kept<Recipe> | null,
  differences: readonly Difference[],
  choices: Readonly<Record<string, Side>>,
): Thunk<Promise<void>> {
  return async (dispatch, getState) => {
    const draft = getState().draft.open;
    if (!draft) return;
    const mine = draft.history.present;
    const recipe = theirs ? mergeRecipes(mine, theirs.content, differences, choices) : mine;
    dispatch(draftActions.settled({ recipe, theirs, at: Date.now() }));
    unsavedDrafts.keep(recipe, theirs ?? { ...draft.base, revision: 0 });
    await autosave?.continueFrom(theirs?.revision ?? 0, recipe);
  };
}
