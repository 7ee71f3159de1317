import { resourceNames, type ResourceName } from '@yellow-ledger/core';
import { browserCache, OfflineCache } from './offlineCache';
import { storageQuota } from './storageQuota';

/** The collections kept for when the server is away. */
export type CachedCollection = ResourceName | 'versions' | 'log';

export const cachedCollections: readonly CachedCollection[] = [...resourceNames, 'versions', 'log'];

/** Of this page. */
export const offlineCache = new OfflineCache<CachedCollection>(browserCache, () =>
  storageQuota.refused(),
);
