import {
  resourceNames,
  type AnyRecord,
  type Kept,
  type LogEntry,
  type Version,
} from '@yellow-ledger/core';
import { ledgerApi, type GivenLog } from '../ledgerApi';
import type { Store } from '../store';
import { offlineCache, type CachedCollection } from './cachedCollections';

/** Keeps in the browser whatever the server gives, from here on. */
export function keepInBrowser(store: Store): void {
  const { records, versions, log } = ledgerApi.endpoints;
  const parts: {
    part: CachedCollection;
    given: () => unknown;
    listed: (given: unknown) => Listed;
  }[] = [
    ...resourceNames.map((name) => ({
      part: name,
      given: () => records.select(name)(store.getState() as never).data,
      listed: (given: unknown) => (given as Kept<AnyRecord>[]).map(ofRecord),
    })),
    {
      part: 'versions',
      given: () => versions.select()(store.getState() as never).data,
      listed: (given) => (given as Version[]).map(ofVersion),
    },
    {
      part: 'log',
      given: () => log.select()(store.getState() as never).data,
      listed: (given) => (given as GivenLog).entries.map(ofEntry),
    },
  ];
  const last = new Map<CachedCollection, unknown>();
  store.subscribe(() => {
    for (const { part, given, listed } of parts) {
      const now = given();
      if (now === undefined || now === last.get(part)) continue;
      last.set(part, now);
      offlineCache.keep(part, () => listed(now));
    }
  });
  // A page that is put aside may not come back.
  document.addEventListener('visibilitychange', () => {
    if (document.visibilityState === 'hidden') void offlineCache.write();
  });
}

type Listed = { key: string; thing: unknown }[];

const ofRecord = (kept: Kept<AnyRecord>) => ({
  key: `${kept.content.id} ${kept.revision} ${kept.usedMl ?? ''}`,
  thing: kept,
});
const ofVersion = (version: Version) => ({
  key: `${version.recipeId} ${version.number}`,
  thing: version,
});
const ofEntry = (entry: LogEntry) => ({ key: entry.id, thing: entry });
