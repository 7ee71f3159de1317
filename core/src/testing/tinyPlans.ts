import { randomFrom } from '../written/record/randomFrom';
import { aimWeights, usualAims } from '../answers/work/army/planAims';
import type { Done } from '../answers/work/plan/schedule/dispatched';
import { planShape } from '../answers/work/plan/schedule/planShape';
import { costOf, tryRules } from '../answers/work/plan/schedule/tryRules';
import type { Chain, Hand, Sitting, Work } from '../answers/work/plan/work';
import { plainWork } from './plainWork';

const mostCoats = 8;
const aims = aimWeights(usualAims);
const hands: Hand[] = [{ speed: 1, claims: new Set() }];
const sittings: Sitting[] = [{ from: 0, to: 100_000, hands: [0] }];

/** The cost of the planner's plan of a tiny work over the least cost of every order of its coats. */
export function overLeastCost(seed: number): number {
  const work = tinyWork(seed);
  const trying = tryRules(work, hands, sittings);
  let next = trying.next();
  while (!next.done) next = trying.next();
  return costOf(next.value, aims) / leastCost(work);
}

/** A work of up to eight coats for one hand in one long sitting, as a seed draws it. */
function tinyWork(seed: number): Work {
  const random = randomFrom(seed);
  const whole = (least: number, most: number) => least + Math.floor(random() * (most - least + 1));
  const mixes = Array.from({ length: whole(1, 4) }, () => ({
    mixMinutes: 0.5 + random() * 2,
    usableMinutes: 100_000,
    isMixed: random() < 0.5,
  }));
  const chains: Chain[] = [];
  const models = whole(1, 3);
  let runs = 0;
  let coats = 0;
  for (let surface = 0; surface < whole(1, 3); surface++) {
    const lines = Array.from({ length: whole(1, 4) }, () => ({
      handsOn: 0.5 + random() * 4,
      dry: 4 + random() * 20,
      mix: whole(0, mixes.length - 1),
      blocks: random() < 0.15,
      turn: 0,
      run: runs++,
      isBase: false,
    }));
    for (let model = 0; model < models; model++) {
      if (coats + lines.length > mostCoats) break;
      coats += lines.length;
      chains.push({ model, unit: 0, body: model, rank: surface, jobs: lines, readyAt: 0 });
    }
  }
  return plainWork(chains, mixes, models);
}

/** The least cost of all orders of the coats, each begun as early as it can be. */
function leastCost(work: Work): number {
  const { chains, mixes, changeMinutes } = work;
  const at = chains.map(() => 0);
  const dry = chains.map(() => 0);
  const free = Array.from({ length: work.bodies }, () => 0);
  const made = mixes.map(() => false);
  const done: Done[] = [];
  const coats = chains.reduce((sum, { jobs }) => sum + jobs.length, 0);
  let least = Infinity;
  go(0, -1);
  return least;

  function go(time: number, held: number): void {
    if (done.length === coats) {
      const shape = planShape(work, sittings, [0], done);
      least = Math.min(least, costOf({ minutes: time, splits: 0, shape, kept: 1 }, aims));
      return;
    }
    chains.forEach(({ jobs, body }, chain) => {
      if (at[chain] === jobs.length) return;
      const job = jobs[at[chain]];
      const changing = job.mix === held ? 0 : changeMinutes;
      const mixing = made[job.mix] ? 0 : mixes[job.mix].mixMinutes;
      const starts = Math.max(time + mixing + changing, dry[chain], free[body]);
      const ends = starts + job.handsOn;
      const before = { dry: dry[chain], free: free[body], made: made[job.mix] };
      const driesAt = ends + job.dry;
      done.push({
        chain,
        job: at[chain],
        hand: 0,
        sitting: 0,
        mixing,
        changing,
        starts,
        ends,
        driesAt,
      });
      at[chain]++;
      dry[chain] = driesAt;
      free[body] = job.blocks ? driesAt : ends;
      made[job.mix] = true;
      go(ends, job.mix);
      at[chain]--;
      dry[chain] = before.dry;
      free[body] = before.free;
      made[job.mix] = before.made;
      done.pop();
    });
  }
}
