import type { LogEntry } from '@yellow-ledger/core';
import { createSlice, type PayloadAction } from '@reduxjs/toolkit';

/** An entry as the server keeps it. */
export interface KeptEntry {
  sequence: number;
  entry: LogEntry;
}

export interface LogState {
  /** the bench whose log this is; null before one is open */
  benchId: string | null;
  /** everything known of it, in no order; what was not sent yet with it */
  entries: LogEntry[];
  /** the last the server has given */
  sequence: number;
  /** whether the server has given its log, so that nothing can be missing but what is newer */
  isFetched: boolean;
  /** entries that wait to be sent, of any bench */
  unsent: number;
  /** the server gave no answer the last time */
  isOffline: boolean;
  /** why the server refused an entry; it was put aside */
  refused: string | null;
}

const initialState: LogState = {
  benchId: null,
  entries: [],
  sequence: 0,
  isFetched: false,
  unsent: 0,
  isOffline: false,
  refused: null,
};

/** The log of the bench that is open, and what is on its way to the server. */
export const logSlice = createSlice({
  name: 'log',
  initialState,
  reducers: {
    opened(state, { payload }: PayloadAction<{ benchId: string; unsent: LogEntry[] }>) {
      state.benchId = payload.benchId;
      state.entries = payload.unsent.filter(({ benchId }) => benchId === payload.benchId);
      state.sequence = 0;
      state.isFetched = false;
    },
    /** What the server has; only what is not known here yet is added. */
    received(state, { payload }: PayloadAction<{ benchId: string; items: KeptEntry[] }>) {
      if (payload.benchId !== state.benchId) return;
      state.isFetched = true;
      const known = new Set(state.entries.map(({ id }) => id));
      const fresh = payload.items.filter(({ entry }) => !known.has(entry.id));
      if (fresh.length > 0) state.entries.push(...fresh.map(({ entry }) => entry));
      state.sequence = Math.max(state.sequence, ...payload.items.map(({ sequence }) => sequence));
    },
    wrote(state, { payload }: PayloadAction<LogEntry[]>) {
      state.entries.push(...payload.filter(({ benchId }) => benchId === state.benchId));
    },
    sending(state, { payload }: PayloadAction<{ unsent: number; isOffline: boolean }>) {
      state.unsent = payload.unsent;
      state.isOffline = payload.isOffline;
    },
    /** An entry that can never be written is taken off the page too. */
    refused(state, { payload }: PayloadAction<{ entry: LogEntry; why: string }>) {
      state.entries = state.entries.filter(({ id }) => id !== payload.entry.id);
      state.refused = payload.why;
    },
  },
});

export const logActions = logSlice.actions;
