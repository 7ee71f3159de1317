import type { Hand, Sitting, Work } from '../work';
import type { Progress } from '../progress';

/** A coat of a line over the models of one part. */
export interface Run {
  key: number;
  chains: number[];
  isWhole: boolean;
  minutes: number;
  starts: number;
  ends: number;
}

/** The coats that are next, by what one hand takes through in a row. */
export function openRuns({ chains }: Work, partOf: Int32Array) {
  const keyOf = new Map<string, number>();
  /** for each chain and coat the place of its run */
  const keys = chains.map(({ jobs }, chain) =>
    Int32Array.from(jobs, ({ run }) => {
      const name = `${run} ${partOf[chain]}`;
      const known = keyOf.get(name);
      if (known !== undefined) return known;
      keyOf.set(name, keyOf.size);
      return keyOf.size - 1;
    }),
  );
  /** coats of each run that are still to be painted */
  const left = new Int32Array(keyOf.size);
  for (const each of keys) for (const key of each) left[key]++;
  let open = [...chains.keys()].filter((chain) => chains[chain].jobs.length > 0);
  const at = new Int32Array(chains.length);

  return {
    /** The next coat of a chain is painted. */
    took(chain: number) {
      left[keys[chain][at[chain]]]--;
      at[chain]++;
    },
    /** the `Job.run` of the next coat of a chain */
    coatOf: (chain: number) => chains[chain].jobs[at[chain]].run,
    isLeft(isOwn: (chain: number) => boolean, progress: Progress): boolean {
      return open.some(
        (chain) => at[chain] < keys[chain].length && progress.mayBegin(chain) && isOwn(chain),
      );
    },
    /** runs with at least one model that a hand may take now or once it is dry */
    ready(progress: Progress, hand: number): Run[] {
      open = open.filter((chain) => at[chain] < keys[chain].length);
      const found = new Map<number, Run>();
      for (const chain of open) {
        if (!progress.mayTake(chain, hand)) continue;
        const key = keys[chain][at[chain]];
        const run = found.get(key);
        const minutes = progress.handsOn[chain];
        if (run) {
          run.chains.push(chain);
          run.minutes += minutes;
        } else
          found.set(key, { key, chains: [chain], isWhole: false, minutes, starts: 0, ends: 0 });
      }
      for (const run of found.values()) run.isWhole = run.chains.length === left[run.key];
      return [...found.values()];
    },
    /** whether a run could be painted whole in one sitting at all */
    fitsAnySitting: ({ minutes }: Run, { speed }: Hand, sittings: readonly Sitting[]) =>
      sittings.some(({ from, to }) => minutes / speed <= to - from),
  };
}
