import type { Kept, Recipe } from '@yellow-ledger/core';
import { createSlice, type PayloadAction } from '@reduxjs/toolkit';
import { recordEdit, redo, startHistory, undo, type History } from './history';

/** Where the saving of the open recipe stands. */
export type SaveState =
  | { is: 'saved' }
  | { is: 'waiting' }
  | { is: 'saving' }
  | { is: 'failed'; message: string; retryInSeconds: number }
  | { is: 'refused'; message: string }
  | { is: 'stale'; theirs: Kept<Recipe> | null };

export interface Draft {
  /** what the server is known to hold */
  base: Kept<Recipe>;
  history: History<Recipe>;
  saveState: SaveState;
  /** what was typed into a line and is not right yet, by step id; kept when the line closes */
  unfinished: Record<string, unknown>;
}

export interface DraftState {
  open: Draft | null;
}

const initialState: DraftState = { open: null };

/** The recipe under edit. One is open at a time. */
export const draftSlice = createSlice({
  name: 'draft',
  initialState,
  reducers: {
    opened(state, { payload }: PayloadAction<{ base: Kept<Recipe>; unsaved: Recipe | null }>) {
      const history = startHistory(payload.base.content);
      state.open = {
        base: payload.base,
        history: payload.unsaved ? recordEdit(history, payload.unsaved, 'restored', 0) : history,
        saveState: { is: 'saved' },
        unfinished: {},
      };
    },
    closed(state) {
      state.open = null;
    },
    edited: {
      prepare: (recipe: Recipe, of: string) => ({ payload: { recipe, of, at: Date.now() } }),
      reducer({ open }, { payload }: PayloadAction<{ recipe: Recipe; of: string; at: number }>) {
        if (open?.history.present.id !== payload.recipe.id) return;
        open.history = recordEdit(open.history, payload.recipe, payload.of, payload.at);
      },
    },
    undone({ open }) {
      if (open) open.history = undo(open.history);
    },
    redone({ open }) {
      if (open) open.history = redo(open.history);
    },
    saveStateChanged({ open }, { payload }: PayloadAction<SaveState>) {
      if (open) open.saveState = payload;
    },
    saved({ open }, { payload }: PayloadAction<{ kept: Kept<Recipe>; isNewest: boolean }>) {
      if (open?.base.content.id !== payload.kept.content.id) return;
      open.base = payload.kept;
      open.saveState = { is: payload.isNewest ? 'saved' : 'waiting' };
    },
    /** A stale write is settled: what to go on with, and what it now builds on. */
    settled(
      { open },
      { payload }: PayloadAction<{ recipe: Recipe; theirs: Kept<Recipe> | null; at: number }>,
    ) {
      if (!open) return;
      open.base = payload.theirs ?? { ...open.base, revision: 0 };
      open.history = recordEdit(open.history, payload.recipe, 'settled', payload.at);
      open.saveState = { is: 'saving' };
    },
    leftUnfinished({ open }, { payload }: PayloadAction<{ stepId: string; typed: unknown }>) {
      if (!open) return;
      if (payload.typed === null) delete open.unfinished[payload.stepId];
      else open.unfinished[payload.stepId] = payload.typed;
    },
  },
});

export const draftActions = draftSlice.actions;
