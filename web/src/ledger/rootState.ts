import type { DeedsState } from './deeds/deedsSlice';
import type { ledgerApi } from './ledgerApi';
import type { UnfinishedState } from './unfinishedSlice';
import type { WritingState } from './writer/writingSlice';

/** What the store holds; beside the store, so that its parts can speak of the whole. */
export interface RootState {
  ledgerApi: ReturnType<typeof ledgerApi.reducer>;
  writing: WritingState;
  deeds: DeedsState;
  unfinished: UnfinishedState;
}
