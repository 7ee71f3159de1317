import type { AnyRecord, Kept, LogEntry, ResourceName } from '@yellow-ledger/core';
import { createSlice, type PayloadAction } from '@reduxjs/toolkit';

/** Where the writing of one record stands. */
export type PendingState =
  | { is: 'waiting' }
  | { is: 'sending' }
  /** the server will not take it as it is; the next change, or asking again, tries once more */
  | { is: 'refused'; message: string }
  /** it has moved on; nothing more is sent until somebody has chosen. Null: it was deleted */
  | { is: 'stale'; theirs: Kept<AnyRecord> | null };

/** The policy when somebody else has written the same record. */
export type WhenStale = 'merge' | 'ask' | 'theirs';

/** A record that is written here and not known to be on the server. */
export interface PendingRecord {
  name: ResourceName;
  id: string;
  /** as the server is known to have it; null where it never had it */
  base: Kept<AnyRecord> | null;
  /** as it is to be; null where it is to be deleted */
  mine: AnyRecord | null;
  /** in the order things were done here */
  turn: number;
  whenStale: WhenStale;
  /** as it was sent since, where no answer came: the server may have it so */
  unanswered: AnyRecord[];
  state: PendingState;
}

export interface PendingEntry {
  entry: LogEntry;
  turn: number;
  /** why the server will not take it; it stays here until somebody has chosen */
  refused?: string;
}

/** Writes an earlier page, or another that was closed, has left unsent. */
export interface LeftBehind {
  records: Pick<PendingRecord, 'name' | 'id' | 'base' | 'mine' | 'whenStale' | 'unanswered'>[];
  entries: Pick<PendingEntry, 'entry' | 'refused'>[];
}

export interface WritingState {
  records: Record<string, PendingRecord>;
  entries: PendingEntry[];
  /** why nothing could be sent the last time, and when it is tried again; null while all goes well */
  trouble: { message: string; retryInSeconds: number } | null;
  /** the browser keeps nothing: what waits is lost with the page */
  isUnkept: boolean;
}

const initialState: WritingState = { records: {}, entries: [], trouble: null, isUnkept: false };

export const recordKey = (name: ResourceName, id: string) => `${name} ${id}`;

/** Writes made here that are on their way to the server; all of them show already. */
export const writingSlice = createSlice({
  name: 'writing',
  initialState,
  reducers: {
    put(state, { payload }: PayloadAction<PendingRecord>) {
      state.records[recordKey(payload.name, payload.id)] = payload as never;
    },
    stands(state, { payload }: PayloadAction<{ key: string; state: PendingState }>) {
      const pending = state.records[payload.key];
      if (pending) pending.state = payload.state as never;
    },
    removed(state, { payload: key }: PayloadAction<string>) {
      delete state.records[key];
    },
    appended(state, { payload }: PayloadAction<PendingEntry[]>) {
      state.entries.push(...(payload as never[]));
    },
    entriesGone(state, { payload: ids }: PayloadAction<string[]>) {
      state.entries = state.entries.filter(({ entry }) => !ids.includes(entry.id));
    },
    entryRefused(state, { payload }: PayloadAction<{ id: string; why: string | null }>) {
      const pending = state.entries.find(({ entry }) => entry.id === payload.id);
      if (!pending) return;
      if (payload.why === null) delete pending.refused;
      else pending.refused = payload.why;
    },
    troubled(state, { payload }: PayloadAction<WritingState['trouble']>) {
      state.trouble = payload;
    },
    unkept(state) {
      state.isUnkept = true;
    },
  },
});

export const writingActions = writingSlice.actions;
