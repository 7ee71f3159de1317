import type { Work } from '../answers/work/plan/work';

/**
 * The shortest time in which one hand can paint a small batch in one long sitting, found by trying
 * every order of mixing and painting: what plans are held against. Orders that cannot beat the best
 * one so far, or come late to where another order came earlier, are given up; nothing else is.
 *
 * @param atMost minutes of a plan already known, which the search starts from
 */
export function everyOrder(work: Work, atMost: number): number {
  const { chains, mixes, changeMinutes } = work;
  const at = chains.map(() => 0);
  const ready = chains.map(({ readyAt }) => readyAt);
  const bodyFree = Array.from({ length: work.bodies }, (_, body) => work.bodyFreeAt[body] ?? 0);
  const isMade = mixes.map(() => false);
  let best = atMost + 1e-6;
  // A lower bound of the rest, walked down each chain from each of its coats.
  const tails = chains.map(({ jobs }) =>
    jobs.map((_, from) =>
      jobs
        .slice(from)
        .reduce(
          (sum, { handsOn, dry }, i, rest) => sum + handsOn + (i < rest.length - 1 ? dry : 0),
          0,
        ),
    ),
  );
  /** what was reached with the same coats painted and paints mixed: not gone on from when no better */
  const reached = new Map<string, number[][]>();
  go(0, -1);
  return best;

  function isNoBetter(time: number, held: number): boolean {
    const key = `${at.join()} ${isMade.map(Number).join('')} ${held}`;
    const now = [time, ...ready.map((each) => Math.max(each, time)), ...bodyFree];
    const before = reached.get(key) ?? [];
    if (before.some((then) => then.every((figure, i) => figure <= now[i]))) return true;
    reached.set(key, [...before, now]);
    return false;
  }

  function leastLeft(time: number, held: number): number {
    const toPaint = chains.flatMap(({ jobs }, chain) => jobs.slice(at[chain]));
    const needed = new Set(toPaint.map(({ mix }) => mix));
    let busy = time + toPaint.reduce((sum, { handsOn }) => sum + handsOn, 0);
    for (const mix of needed)
      busy += (isMade[mix] ? 0 : mixes[mix].mixMinutes) + (mix === held ? 0 : changeMinutes);
    return chains.reduce((least, { jobs }, chain) => {
      if (at[chain] === jobs.length) return least;
      return Math.max(least, Math.max(time, ready[chain]) + tails[chain][at[chain]]);
    }, busy);
  }

  function go(time: number, held: number): void {
    if (chains.every(({ jobs }, chain) => at[chain] === jobs.length)) {
      best = Math.min(best, time);
      return;
    }
    if (leastLeft(time, held) >= best || isNoBetter(time, held)) return;
    const tried = new Set<number>();
    chains.forEach(({ jobs, body }, chain) => {
      const job = jobs.at(at[chain]);
      if (!job) return;
      const toMix = jobs.slice(at[chain]).find(({ mix }) => !isMade[mix])?.mix;
      if (toMix !== undefined && !tried.has(toMix)) {
        tried.add(toMix);
        isMade[toMix] = true;
        go(time + mixes[toMix].mixMinutes, held);
        isMade[toMix] = false;
      }
      if (!isMade[job.mix]) return;
      const [wasReady, wasFree] = [ready[chain], bodyFree[body]];
      const changed = time + (job.mix === held ? 0 : changeMinutes);
      const ends = Math.max(changed, wasReady, wasFree) + job.handsOn;
      at[chain]++;
      ready[chain] = ends + job.dry;
      bodyFree[body] = job.blocks ? ends + job.dry : ends;
      go(ends, job.mix);
      at[chain]--;
      ready[chain] = wasReady;
      bodyFree[body] = wasFree;
    });
  }
}
