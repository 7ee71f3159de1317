import * as Comlink from 'comlink';
import { firstWorker } from './firstWorker';
import type { LedgerWorker } from './ledger.worker';
import { WorkerSync } from './workerSync';

/** Starts a worker that knows nothing yet. */
export const startWorker = () =>
  Comlink.wrap<LedgerWorker>(
    new Worker(new URL('./ledger.worker.ts', import.meta.url), { type: 'module' }),
  );

/** The one worker of the page that follows the typing; started with it. */
export const ledgerWorker = Comlink.wrap<LedgerWorker>(firstWorker);
export const workerSync = new WorkerSync(ledgerWorker);
