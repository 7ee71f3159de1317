import type { MatchedMix } from '@yellow-ledger/core';
import type { Remote } from 'comlink';
import type { RootState } from '../../data/rootState';
import type { LedgerWorker } from '../../workers/ledger.worker';
import { startWorker } from '../../workers/ledgerWorker';
import { ofShelf } from '../../workers/parts';
import { WorkerSync } from '../../workers/workerSync';
import type { MatchQuestion } from './matchWork';

export interface MatchProgress {
  /** best so far, nearest first */
  mixes: MatchedMix[];
  /** 0–1 */
  done: number;
}

const cores = Math.min(2, navigator.hardwareConcurrency || 1);
const keptOfEach = 4;
let pool: WorkerSync[] | null = null;

/** Starts the cores and has them know the pots, before anybody searches: the first answer is quick then. */
export async function prepareMatch(state: RootState): Promise<void> {
  await Promise.all(poolKnowing(state).map((worker) => worker.prepareMatch()));
}

function poolKnowing(state: RootState): Remote<LedgerWorker>[] {
  pool ??= Array.from({ length: cores }, () => new WorkerSync(startWorker()));
  return pool.map((told) => told.tell(state, ofShelf));
}

/**
 * Searches on two cores, each taking the next slice as it has done one, beside the worker that
 * follows the typing.
 *
 * @param onProgress called with the best so far after every slice
 * @param signal stops the search between two slices
 */
export async function searchMatch(
  question: MatchQuestion,
  state: RootState,
  onProgress: (progress: MatchProgress) => void,
  signal: AbortSignal,
): Promise<void> {
  const workers = poolKnowing(state);
  const found = new Map<number, MatchedMix[]>();
  let next = 0;
  let done = 0;
  await Promise.all(
    workers.map(async (worker, core) => {
      const slices = await worker.beginMatch(question);
      while (next < slices && !signal.aborted) {
        const slice = next++;
        found.set(core, await worker.runMatch(slice));
        done++;
        if (!signal.aborted) onProgress({ mixes: merged(found), done: done / (slices + cores) });
      }
      if (signal.aborted) return;
      found.set(core, await worker.refineMatch());
      done++;
      if (!signal.aborted) onProgress({ mixes: merged(found), done: done / (slices + cores) });
    }),
  );
}

/** The best of all cores, so many for each number of pots, each mix once. */
function merged(found: ReadonlyMap<number, MatchedMix[]>): MatchedMix[] {
  const byMix = new Map(
    [...found.values()].flat().map((mix) => [JSON.stringify(mix.parts), mix] as const),
  );
  const sorted = [...byMix.values()].sort((one, other) => one.error - other.error);
  return [1, 2, 3]
    .flatMap((count) => sorted.filter(({ parts }) => parts.length === count).slice(0, keptOfEach))
    .sort((one, other) => one.error - other.error);
}
