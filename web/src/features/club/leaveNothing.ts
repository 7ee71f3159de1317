import { cachedCollections, offlineCache } from '../../data/offline/cachedCollections';

/** Throws away what this browser has kept of the ledger for when its server is away. */
export const leaveNothing = (): Promise<void> => offlineCache.letGo(cachedCollections);
