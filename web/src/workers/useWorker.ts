import { useCallback } from 'react';
import type { Collection } from '../data/ledgerData';
import { useAppStore } from '../data/store';
import { useCollections } from '../data/useCollections';
import { workerSync } from './ledgerWorker';

/** The worker, for asking it something once: it knows these parts when it is called for. */
export function useWorker(parts: readonly Collection[]) {
  const store = useAppStore();
  useCollections(parts);
  return useCallback(() => workerSync.tell(store.getState(), parts), [store, parts]);
}
