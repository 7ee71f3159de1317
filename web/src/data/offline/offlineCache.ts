import { createStore, delMany, entries, keys, setMany, type UseStore } from 'idb-keyval';
import { ledgerIdentity } from '../ledgerIdentity';

/** So many are written at once; whoever types is let in between. */
const atOnce = 40;
/** Debounce for data that changes again and again, ms. */
const restMs = 600;

/** Something that is kept: what tells it from others, and from itself as it was. */
export interface CachedAnswer {
  key: string;
  thing: unknown;
}

/** Where one part is kept; each of its things under a key of its own. */
export interface CacheStore {
  keys: () => Promise<string[]>;
  all: () => Promise<[string, unknown][]>;
  /** @throws when the browser will keep no more */
  set: (entries: [string, unknown][]) => Promise<void>;
  del: (keys: string[]) => Promise<void>;
}

/**
 * Keeps in the browser what the server has last given, so that the pages open without it. Written a
 * little at a time, and only what has changed.
 */
export class OfflineCache<Part extends string> {
  private readonly wanted = new Map<Part, () => readonly CachedAnswer[]>();
  private readonly stores = new Map<Part, CacheStore>();
  private timer: ReturnType<typeof setTimeout> | undefined;
  private running: Promise<void> = Promise.resolve();
  private isClosed = false;

  constructor(
    private readonly open: (part: Part) => CacheStore,
    /** told when the browser will keep no more */
    private readonly onRefused: () => void = () => undefined,
    private readonly rest = restMs,
  ) {}

  /** @param listed makes the things of a part as they are now, once there is time for it */
  keep(part: Part, listed: () => readonly CachedAnswer[]): void {
    if (this.isClosed) return;
    this.wanted.set(part, listed);
    clearTimeout(this.timer);
    this.timer = setTimeout(() => void this.write(), this.rest);
  }

  /** The kept records of a collection, in the order they had; null where none were ever kept. */
  async read(part: Part): Promise<unknown[] | null> {
    const all = await this.storeOf(part).all();
    if (all.length === 0) return null;
    return all
      .filter(([key]) => key !== isThere)
      .map(([, value]) => value as { place: number; thing: unknown })
      .sort((one, other) => one.place - other.place)
      .map(({ thing }) => thing);
  }

  /** Throws away all that is kept, and keeps no more: what waits to be sent needs the room. */
  async letGo(parts: readonly Part[]): Promise<void> {
    this.isClosed = true;
    this.wanted.clear();
    this.onRefused();
    for (const store of parts.map((part) => this.storeOf(part)))
      await store.del(await store.keys());
  }

  /** Writes what waits to be kept. @returns once it is written */
  write(): Promise<void> {
    this.running = this.running.then(async () => {
      // Taken one by one: what waits for a later part may change while an earlier one is written.
      for (let next = first(this.wanted); next; next = first(this.wanted)) {
        const [part, listed] = next;
        this.wanted.delete(part);
        await this.writePart(part, listed()).catch(this.onRefused);
      }
    });
    return this.running;
  }

  private async writePart(part: Part, things: readonly CachedAnswer[]): Promise<void> {
    const store = this.storeOf(part);
    const there = new Set(await store.keys());
    const fresh: [string, unknown][] = there.has(isThere) ? [] : [[isThere, true]];
    things.forEach(({ key, thing }, place) => {
      if (!there.delete(key)) fresh.push([key, { place, thing }]);
    });
    there.delete(isThere);
    for (let from = 0; from < fresh.length; from += atOnce) {
      await store.set(fresh.slice(from, from + atOnce));
      await new Promise((resolve) => setTimeout(resolve));
    }
    // Only once what takes their place is kept.
    await store.del([...there]);
  }

  private storeOf(part: Part): CacheStore {
    const known = this.stores.get(part);
    if (known) return known;
    const store = this.open(part);
    this.stores.set(part, store);
    return store;
  }
}

const first = <Key, Value>(map: ReadonlyMap<Key, Value>): [Key, Value] | undefined =>
  map.entries().next().value;

/** Says that a part was kept, if only an empty one. */
const isThere = '';

/** The browser's own database; one for each part of each ledger. */
export function browserCache(part: string): CacheStore {
  const store: UseStore = createStore(`${ledgerIdentity.storeName}-had-${part}`, 'things');
  return {
    keys: () => keys<string>(store),
    all: () => entries<string, unknown>(store),
    set: (all) => setMany(all, store),
    del: (all) => (all.length > 0 ? delMany(all, store) : Promise.resolve()),
  };
}
