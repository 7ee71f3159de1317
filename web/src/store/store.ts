import { configureStore } from '@reduxjs/toolkit';
import { useDispatch, useSelector, useStore } from 'react-redux';
import { deedsSlice } from './deeds/deedsSlice';
import { draftListener } from './draft/draftAutosave';
import { draftSlice } from './draft/draftSlice';
import { ledgerApi } from './ledgerApi';
import { logSlice } from './log/logSlice';
import type { RootState } from './rootState';

export function createStore() {
  return configureStore({
    reducer: {
      ledgerApi: ledgerApi.reducer,
      draft: draftSlice.reducer,
      deeds: deedsSlice.reducer,
      log: logSlice.reducer,
    },
    middleware: (usual) => usual().prepend(draftListener.middleware).concat(ledgerApi.middleware),
  });
}

export type Store = ReturnType<typeof createStore>;
export const useAppDispatch = useDispatch.withTypes<Store['dispatch']>();
export const useAppSelector = useSelector.withTypes<RootState>();
export const useAppStore = useStore.withTypes<Store>();
