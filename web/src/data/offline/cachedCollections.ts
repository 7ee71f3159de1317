import { resourceNames, type ResourceName } from '@yellow-ledger/core';
import { browserHad, LastHad } from './offlineCache';
import { browserRoom } from './storageQuota';

/** What is kept of a ledger for when its server is away. */
export type HadPart = ResourceName | 'versions' | 'log';

export const hadParts: readonly HadPart[] = [...resourceNames, 'versions', 'log'];

/** Of this page. */
export const lastHad = new LastHad<HadPart>(browserHad, () => browserRoom.refused());
