import { createStore, del, entries, set } from 'idb-keyval';
import { ledgerIdentity } from '../ledgerIdentity';

/** Where the browser keeps what the server has not acknowledged. */
export interface SafeStore {
  /** @throws when the browser will not keep it: full, or forbidden */
  set: (key: string, value: unknown) => Promise<void>;
  del: (key: string) => Promise<void>;
  all: () => Promise<[string, unknown][]>;
}

/** The browser's own database: larger than its other stores, and read by no other page. */
export function browserStore(): SafeStore {
  const store = createStore(ledgerIdentity.storeName, 'waiting');
  return {
    set: (key, value) => set(key, value, store),
    del: (key) => del(key, store),
    all: () => entries<string, unknown>(store),
  };
}
