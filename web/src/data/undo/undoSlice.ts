import type { AnyRecord, LogEntry, ResourceName } from '@yellow-ledger/core';
import { createSlice, type PayloadAction } from '@reduxjs/toolkit';

/** A record with what stood there before and after; null where there was none. */
export interface RecordChange {
  name: ResourceName;
  before: AnyRecord | null;
  after: AnyRecord | null;
}

/** Something that was done, as one thing to undo. */
export interface UndoStep {
  label: string;
  /** deeds of the same thing, one after the other, are undone as one */
  of: string;
  /** milliseconds since 1970 */
  at: number;
  /** where it can be undone; null on every page that has no undo of its own */
  scope: string | null;
  records: RecordChange[];
  /** entries it wrote; once undone, what struck them out */
  entries: LogEntry[];
}

export interface UndoState {
  done: UndoStep[];
  undone: UndoStep[];
}

const initialState: UndoState = { done: [], undone: [] };
const mostKept = 200;

/** The changes made from this page, for undoing them. */
export const undoSlice = createSlice({
  name: 'deeds',
  initialState,
  reducers: {
    /** @param payload.within a deed of the same thing so soon after the last is one with it, ms */
    done(state, { payload }: PayloadAction<{ deed: UndoStep; within: number }>) {
      const { deed, within } = payload;
      const last = state.done.findLast(({ scope }) => scope === deed.scope);
      state.undone = state.undone.filter(({ scope }) => scope !== deed.scope);
      const isOne = last?.of === deed.of && deed.at - last.at < within;
      if (isOne && last.records.length === 1 && deed.records.length === 1) {
        last.records[0].after = deed.records[0].after as never;
        last.at = deed.at;
      } else state.done = [...state.done, deed as never].slice(-mostKept);
    },
    /** The last deed of a scope goes over to what can be done again. */
    undone(state, { payload }: PayloadAction<{ deed: UndoStep; entries: LogEntry[] }>) {
      move(state.done, state.undone, payload);
    },
    redone(state, { payload }: PayloadAction<{ deed: UndoStep; entries: LogEntry[] }>) {
      move(state.undone, state.done, payload);
    },
    /** Something that can be done, as if it had been undone. */
    putBy(state, { payload }: PayloadAction<UndoStep>) {
      state.undone.push(payload as never);
    },
    /** Steps that were kept over a reload: they are older than all that was done since. */
    restored(state, { payload }: PayloadAction<UndoState>) {
      state.done = [...(payload.done as never[]), ...state.done].slice(-mostKept);
      state.undone = [...(payload.undone as never[]), ...state.undone];
    },
    /** A page is left, and with it what could be undone on it. */
    scopeLeft(state, { payload: scope }: PayloadAction<string>) {
      state.done = state.done.filter((deed) => deed.scope !== scope);
      state.undone = state.undone.filter((deed) => deed.scope !== scope);
    },
  },
});

function move(
  from: UndoStep[],
  to: UndoStep[],
  { deed, entries }: { deed: UndoStep; entries: LogEntry[] },
): void {
  const index = from.findLastIndex(
    ({ of, at, scope }) => of === deed.of && at === deed.at && scope === deed.scope,
  );
  if (index < 0) return;
  const [moved] = from.splice(index, 1);
  // The run is over: what is done after an undo is a deed of its own.
  to.push({ ...moved, of: `${moved.of} again`, entries });
}

export const undoActions = undoSlice.actions;
