import { useCallback } from 'react';
import type { Part } from '../data/ledgerData';
import { useAppStore } from '../data/store';
import { useParts } from '../data/useCollections';
import { toldWorker } from './ledgerWorker';

/** The worker, for asking it something once: it knows these parts when it is called for. */
export function useWorker(parts: readonly Part[]) {
  const store = useAppStore();
  useParts(parts);
  return useCallback(() => toldWorker.tell(store.getState(), parts), [store, parts]);
}
