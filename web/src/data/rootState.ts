import type { Dispatch, UnknownAction } from '@reduxjs/toolkit';
import type { clubApi } from './club/clubApi';
import type { UndoState } from './undo/undoSlice';
import type { ledgerApi } from './ledgerApi';
import type { UnfinishedState } from './unfinishedSlice';
import type { WritingState } from './outbox/writingSlice';

/** The state of the store; beside the store, so that its parts can speak of the whole. */
export interface RootState {
  clubApi: ReturnType<typeof clubApi.reducer>;
  ledgerApi: ReturnType<typeof ledgerApi.reducer>;
  writing: WritingState;
  deeds: UndoState;
  unfinished: UnfinishedState;
}

/** The store, as far as what writes and reads beside the screen needs it. */
export interface LedgerStore {
  dispatch: Dispatch<UnknownAction>;
  getState: () => RootState;
}
