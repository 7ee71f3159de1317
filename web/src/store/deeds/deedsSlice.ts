import type { Army, Bench, Palette, Pot, Recipe } from '@yellow-ledger/core';
import { createSlice, type PayloadAction } from '@reduxjs/toolkit';

/** A change of one record, with what stood there before and after; null where there was none. */
export type Deed = { label: string; of: string } & (
  | { kind: 'pots'; before: Pot | null; after: Pot | null }
  | { kind: 'recipes'; before: Recipe | null; after: Recipe | null }
  | { kind: 'palettes'; before: Palette | null; after: Palette | null }
  | { kind: 'armies'; before: Army | null; after: Army | null }
  | { kind: 'benches'; before: Bench | null; after: Bench | null }
);

export interface DeedsState {
  done: Deed[];
  undone: Deed[];
  /** deeds that show already and are being written */
  writing: number;
}

const initialState: DeedsState = { done: [], undone: [], writing: 0 };
const mostKept = 100;

/** What was done to pots, recipes, palettes and armies, for undoing it. */
export const deedsSlice = createSlice({
  name: 'deeds',
  initialState,
  reducers: {
    /** Edits of one record in one go (the same `of`) are undone as one. */
    done(state, { payload }: PayloadAction<Deed>) {
      const last = state.done.at(-1);
      state.undone = [];
      if (last?.kind === payload.kind && last.of === payload.of)
        state.done[state.done.length - 1] = { ...last, after: payload.after } as Deed;
      else state.done = [...state.done, payload].slice(-mostKept);
    },
    began(state) {
      state.writing++;
    },
    ended(state) {
      state.writing--;
    },
    undone(state) {
      const deed = state.done.pop();
      if (deed) state.undone.push(deed);
    },
    /** Something that can be done, as if it had been undone. */
    putBy(state, { payload }: PayloadAction<Deed>) {
      state.undone.push(payload as (typeof state.undone)[number]);
    },
    redone(state) {
      const deed = state.undone.pop();
      if (deed) state.done.push(deed);
    },
  },
});

export const deedsActions = deedsSlice.actions;
