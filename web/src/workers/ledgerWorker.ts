import type { Pot } from '@yellow-ledger/core';
import * as Comlink from 'comlink';
import type { LedgerWorker } from './ledger.worker';

/** The one worker of the page; started with it. */
export const ledgerWorker = Comlink.wrap<LedgerWorker>(
  new Worker(new URL('./ledger.worker.ts', import.meta.url), { type: 'module' }),
);

let shelfThere: readonly Pot[] | null = null;

/** Has the worker know the pots before it is asked anything about them; messages keep their order. */
export function withShelf(pots: readonly Pot[]): typeof ledgerWorker {
  if (pots !== shelfThere) {
    shelfThere = pots;
    // A shelf that does not arrive shows in the answer to the next question.
    ledgerWorker.setShelf(pots).catch(() => (shelfThere = null));
  }
  return ledgerWorker;
}
