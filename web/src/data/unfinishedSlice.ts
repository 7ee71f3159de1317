import { createSlice, type PayloadAction } from '@reduxjs/toolkit';

/** Invalid input in a form of the open recipe, by form; kept when it closes. */
export interface UnfinishedState {
  recipeId: string | null;
  typed: Record<string, unknown>;
}

const initialState: UnfinishedState = { recipeId: null, typed: {} };

export const unfinishedSlice = createSlice({
  name: 'unfinished',
  initialState,
  reducers: {
    left(state, { payload }: PayloadAction<{ recipeId: string; form: string; typed: unknown }>) {
      if (state.recipeId !== payload.recipeId) {
        state.recipeId = payload.recipeId;
        state.typed = {};
      }
      if (payload.typed === null) delete state.typed[payload.form];
      else state.typed[payload.form] = payload.typed;
    },
    cleared(state) {
      state.recipeId = null;
      state.typed = {};
    },
  },
});
