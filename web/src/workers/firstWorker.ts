import workerUrl from './ledger.worker.ts?worker&url';

/** The address of the worker's script: in a built client it changes with anything the worker computes. */
export const computationVersion = workerUrl;

/**
 * The worker that follows the typing. It is started by the first module that runs, with nothing else
 * imported here: while it reads its own script, the page reads the rest of its own.
 */
export const firstWorker = new Worker(workerUrl, { type: 'module' });
