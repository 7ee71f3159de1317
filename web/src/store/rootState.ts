import type { DeedsState } from './deeds/deedsSlice';
import type { LogState } from './log/logSlice';
import type { DraftState } from './draft/draftSlice';
import type { ledgerApi } from './ledgerApi';

/** What the store holds; beside the store, so that its parts can speak of the whole. */
export interface RootState {
  ledgerApi: ReturnType<typeof ledgerApi.reducer>;
  draft: DraftState;
  deeds: DeedsState;
  log: LogState;
}
