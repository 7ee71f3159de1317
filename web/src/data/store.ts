import type { AnyRecord, LogEntry, ResourceName } from '@yellow-ledger/core';
import { configureStore } from '@reduxjs/toolkit';
import { useDispatch, useSelector, useStore } from 'react-redux';
import { ask, type Asked } from './ask';
import { cachedCollections, offlineCache } from './offline/cachedCollections';
import { clubApi } from './club/clubApi';
import { memberships } from './club/membership';
import { refusalToLog, refusalToWrite } from './club/refusal';
import { undoSlice } from './undo/undoSlice';
import { ledgerApi } from './ledgerApi';
import type { RootState } from './rootState';
import { unfinishedSlice } from './unfinishedSlice';
import { browserStore, type SafeStore } from './outbox/safeStore';
import { Writer } from './outbox/Writer';
import { writingSlice } from './outbox/writingSlice';

export function createStore() {
  return configureStore({
    reducer: {
      ledgerApi: ledgerApi.reducer,
      clubApi: clubApi.reducer,
      writing: writingSlice.reducer,
      deeds: undoSlice.reducer,
      unfinished: unfinishedSlice.reducer,
    },
    middleware: (usual) => usual().concat(ledgerApi.middleware, clubApi.middleware),
  });
}

/** The ledger in hand and the one writer of it. */
export function openLedger(
  asked: Asked = ask,
  safe: SafeStore = browserStore(() => offlineCache.letGo(cachedCollections)),
) {
  const store = createStore();
  const refusals = {
    toWrite: (name: ResourceName, id: string, record: AnyRecord | null) =>
      refusalToWrite(store.getState(), memberships.now(), name, id, record),
    toLog: (entries: readonly LogEntry[]) =>
      refusalToLog(store.getState(), memberships.now(), entries),
  };
  return { store, writer: new Writer(store, asked, safe, refusals) };
}

export type Store = ReturnType<typeof createStore>;
export const useAppDispatch = useDispatch.withTypes<Store['dispatch']>();
export const useAppSelector = useSelector.withTypes<RootState>();
export const useAppStore = useStore.withTypes<Store>();
