import { clear, createStore, entries, setMany, type UseStore } from 'idb-keyval';
import { ledgerIdentity } from '../data/ledgerIdentity';
import type { LastRibbon } from './shared/listWork';

/** A predicted ribbon, under the key of what it was predicted from; null where it cannot be predicted. */
export interface CachedRibbon {
  key: string;
  ribbon: LastRibbon | null;
}

/** Where ribbons are kept between visits. */
export interface RibbonStore {
  all: () => Promise<[recipeId: string, CachedRibbon][]>;
  set: (ribbons: [recipeId: string, CachedRibbon][]) => Promise<void>;
  clear: () => Promise<void>;
}

type Ribbons = ReadonlyMap<string, CachedRibbon>;

/**
 * Predicted ribbons of this ledger, so that a list shows them before the worker has computed any.
 * It belongs to whoever is logged in: it is emptied at logout and when rights change.
 */
export class RibbonCache {
  /** null until those of an earlier visit are read */
  private ribbons: Ribbons | null = null;
  private readonly listeners = new Set<() => void>();
  private reading: Promise<void> | null = null;
  private wasCleared = false;

  constructor(private readonly open: () => RibbonStore) {}

  /** The ribbons as they are known now; null until those of an earlier visit are read. */
  now = (): Ribbons | null => {
    this.reading ??= this.read();
    return this.ribbons;
  };

  /** @returns ends the listening */
  listen = (listener: () => void): (() => void) => {
    this.listeners.add(listener);
    return () => this.listeners.delete(listener);
  };

  put(ribbons: readonly (readonly [recipeId: string, CachedRibbon])[]): void {
    this.change(new Map([...(this.ribbons ?? []), ...ribbons]));
    const copies = ribbons.map(([id, cached]): [string, CachedRibbon] => [id, cached]);
    // A browser that keeps nothing computes them at every visit.
    void this.open()
      .set(copies)
      .catch(() => undefined);
  }

  async clear(): Promise<void> {
    this.wasCleared = true;
    this.change(new Map());
    await this.open()
      .clear()
      .catch(() => undefined);
  }

  private async read(): Promise<void> {
    const kept = await this.open()
      .all()
      .catch((): [string, CachedRibbon][] => []);
    // Ribbons computed meanwhile are newer; what was read of an emptied cache is dropped.
    this.change(new Map([...(this.wasCleared ? [] : kept), ...(this.ribbons ?? [])]));
  }

  private change(ribbons: Ribbons): void {
    this.ribbons = ribbons;
    this.listeners.forEach((listener) => listener());
  }
}

let store: UseStore | null = null;

/** Of this page. */
export const ribbonCache = new RibbonCache(() => {
  const opened = (store ??= createStore(`${ledgerIdentity.storeName}-ribbons`, 'ribbons'));
  return {
    all: () => entries<string, CachedRibbon>(opened),
    set: (ribbons) => setMany(ribbons, opened),
    clear: () => clear(opened),
  };
});
