import { createStore, del, entries, set } from 'idb-keyval';
import { ledgerIdentity } from '../ledgerIdentity';
import { settleBeforeElse } from './afterTyping';

/** Where the browser keeps what the server has not acknowledged. */
export interface SafeStore {
  /** @throws when the browser will not keep it: full, or forbidden */
  set: (key: string, value: unknown) => Promise<void>;
  del: (key: string) => Promise<void>;
  all: () => Promise<[string, unknown][]>;
  /** The page goes: what is still on its way into the store is put where it is at once. */
  rescue?: () => void;
}

/** The browser's own database: larger than its other stores, and read by no other page. */
function ownDatabase(name: string): SafeStore {
  const store = createStore(name, 'waiting');
  return {
    set: (key, value) => set(key, value, store),
    del: (key) => del(key, store),
    all: () => entries<string, unknown>(store),
  };
}

/** One of the browser's small stores, each with a few MB of its own. */
export function smallStore(name: string, storage: () => Storage): SafeStore {
  const prefix = `${name} `;
  // Said as promises, so that a store that is forbidden refuses as a full one does.
  return {
    set: async (key, value) => storage().setItem(prefix + key, JSON.stringify(value)),
    del: async (key) => storage().removeItem(prefix + key),
    all: async () =>
      Object.entries({ ...storage() })
        .filter(([key]) => key.startsWith(prefix))
        .map(([key, value]) => [key.slice(prefix.length), JSON.parse(value as string) as unknown]),
  };
}

/**
 * Keeps a thing in the first of some places that will have it.
 *
 * @param makeRoom throws away what can be had again, once no place will have it; the first is asked anew then
 */
export function firstThatKeeps(
  places: readonly SafeStore[],
  makeRoom: () => Promise<void> = () => Promise.resolve(),
): SafeStore {
  const [first, ...others] = places;
  // A store further on in the list was written after those before it.
  const forget = (key: string, among: readonly SafeStore[]) =>
    Promise.all(among.map((place) => place.del(key).catch(() => undefined)));

  async function placeThatKeeps(key: string, value: unknown): Promise<SafeStore> {
    let refused: unknown;
    for (const place of places)
      try {
        await place.set(key, value);
        return place;
      } catch (error) {
        refused = error;
      }
    await makeRoom().catch(() => undefined);
    await first.set(key, value).catch(() => {
      throw refused;
    });
    return first;
  }

  const onTheWay = new Map<string, unknown>();
  return {
    async set(key, value) {
      onTheWay.set(key, value);
      const kept = await placeThatKeeps(key, value).finally(() => {
        if (onTheWay.get(key) === value) onTheWay.delete(key);
      });
      await forget(
        key,
        places.filter((place) => place !== kept),
      );
    },
    async del(key) {
      await forget(key, others);
      await first.del(key);
    },
    async all() {
      const all = new Map<string, unknown>();
      const [own, ...further] = await Promise.allSettled(places.map((place) => place.all()));
      for (const listed of [own, ...further])
        if (listed.status === 'fulfilled')
          for (const [key, value] of listed.value) all.set(key, value);
      // Where nothing can be read at all, that is to be said.
      if (own.status === 'rejected' && all.size === 0) throw own.reason;
      return [...all];
    },
    rescue() {
      // The small stores have it before the call returns; a database is not waited for any more.
      for (const [key, value] of onTheWay)
        void others.reduce(
          (tried, place) => tried.catch(() => place.set(key, value)),
          Promise.reject<void>(new Error('not kept yet')),
        );
    },
  };
}

/** Of this browser: its database; where that is full, its small stores. @param makeRoom see `firstThatKeeps` */
export function browserStore(makeRoom?: () => Promise<void>): SafeStore {
  const name = ledgerIdentity.storeName;
  const store = firstThatKeeps(
    [
      ownDatabase(name),
      smallStore(`${name}.waiting`, () => localStorage),
      smallStore(`${name}.waiting`, () => sessionStorage),
    ],
    makeRoom,
  );
  // The last typed change comes into the store before the store is rescued.
  settleBeforeElse();
  window.addEventListener('pagehide', () => store.rescue?.());
  return store;
}
