import type { MatchedMix, Pot } from '@yellow-ledger/core';
import * as Comlink from 'comlink';
import type { LedgerWorker } from './ledger.worker';
import type { MatchQuestion } from './work/matchWork';

export interface MatchProgress {
  /** best so far, nearest first */
  mixes: MatchedMix[];
  /** 0–1 */
  done: number;
}

const cores = Math.min(2, navigator.hardwareConcurrency || 1);
const keptOfEach = 4;
let pool: Comlink.Remote<LedgerWorker>[] | null = null;
/** The pots the pool knows: told again only when they change, as it keeps what it found out of them. */
let shelfThere: readonly Pot[] | null = null;

/** Starts the cores and has them know the pots, before anybody searches: the first answer is quick then. */
export async function prepareMatch(pots: readonly Pot[]): Promise<void> {
  await Promise.all((await poolKnowing(pots)).map((worker) => worker.prepareMatch()));
}

async function poolKnowing(pots: readonly Pot[]): Promise<Comlink.Remote<LedgerWorker>[]> {
  pool ??= Array.from({ length: cores }, () =>
    Comlink.wrap<LedgerWorker>(
      new Worker(new URL('./ledger.worker.ts', import.meta.url), { type: 'module' }),
    ),
  );
  if (shelfThere !== pots) {
    shelfThere = pots;
    await Promise.all(pool.map((worker) => worker.setShelf(pots))).catch((error: unknown) => {
      shelfThere = null;
      throw error;
    });
  }
  return pool;
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
  pots: readonly Pot[],
  onProgress: (progress: MatchProgress) => void,
  signal: AbortSignal,
): Promise<void> {
  const workers = await poolKnowing(pots);
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
