import { tryRules, type Schedule } from '@yellow-ledger/core';
import { overListCost } from '../../core/src/testing/overListCost';
import { planBreaches } from '../../core/src/testing/planBreaches';
import { randomPlan, type RandomPlan } from '../../core/src/testing/randomPlan';

const armies = Number(process.env.ARMIES ?? 60);
const firstSeed = Number(process.env.PLAN_SEED ?? 36_000);

interface Measured {
  runs: number;
  short: number;
  headings: number[];
  changes: number;
  time: number;
  breaches: string[];
  isGated: boolean;
  /** who-paints-what that stays after a skipped evening and one painter who misses another */
  kept: number | null;
  /** its cost over that of the plain list scheduler; null where either leaves something */
  overList: number | null;
}

const quantile = (figures: readonly number[], share: number) =>
  [...figures].sort((one, other) => one - other)[Math.floor(share * (figures.length - 1))] ?? 0;

/** Sixty random armies planned: what a painter is handed, and how near to the least it is. */
export function benchArmies(): void {
  console.log(
    `\nPlans of ${armies} random armies, seeds ${firstSeed} to ${firstSeed + armies - 1}`,
  );
  const all: Measured[] = [];
  let slowest = 0;
  for (let nth = 0; nth < armies; nth++) {
    const army = randomPlan(firstSeed + nth);
    const started = performance.now();
    const schedule = planned(army);
    const ms = performance.now() - started;
    slowest = Math.max(slowest, ms);
    const measured = {
      ...measure(army, schedule),
      kept: keptAfter(army, schedule),
      overList: overListCost(army, schedule),
    };
    all.push(measured);
    if (process.env.TOLD)
      console.log(
        `  ${army.seed} ${army.units.join('+')} models, ${army.hands.length} hands: ${schedule.done.length} coats, left ${schedule.left}, runs ${measured.runs.toFixed(2)}, short ${measured.short.toFixed(2)}, headings ${quantile(measured.headings, 0.5)} to ${quantile(measured.headings, 0.9)}, changes ${measured.changes.toFixed(2)}, time ${measured.time.toFixed(2)}, ${ms.toFixed(0)} ms ${measured.breaches[0] ?? ''}`,
      );
  }
  const gated = all.filter(({ isGated }) => isGated);
  const headings = gated.flatMap((each) => each.headings);
  const of = (figures: readonly number[]) =>
    `${quantile(figures, 0.5).toFixed(2)} in the middle, ${quantile(figures, 0.9).toFixed(2)} in nine of ten, ${quantile(figures, 1).toFixed(2)} at worst`;
  console.log(`  breaches ${all.reduce((sum, { breaches }) => sum + breaches.length, 0)}`);
  console.log(`  runs ÷ least       ${of(gated.map(({ runs }) => runs))}`);
  console.log(`  runs under 2 min   ${of(gated.map(({ short }) => short))}`);
  console.log(`  headings           ${of(headings)}`);
  console.log(`  changes ÷ least    ${of(gated.map(({ changes }) => changes))}`);
  console.log(`  time ÷ bound       ${of(all.map(({ time }) => time))}`);
  const kept = all.flatMap(({ kept: share }) => share ?? []);
  console.log(
    `  who paints what after a skipped evening and an ill painter: ${of(kept.map((share) => 1 - share))} changes`,
  );
  const lists = all.flatMap(({ overList: ratio }) => ratio ?? []);
  console.log(
    `  cost ÷ that of a plain list scheduler: ${of(lists)}, worse in ${lists.filter((ratio) => ratio > 1).length} of ${lists.length}`,
  );
  console.log(
    `  slowest ${slowest.toFixed(0)} ms; ${all.length - gated.length} of units under four models only`,
  );
}

/** The same army with its first evening skipped and its first painter ill on the next. */
function keptAfter(army: RandomPlan, schedule: Schedule): number | null {
  const { work, hands, sittings } = army;
  if (hands.length < 2 || sittings.length < 3) return null;
  const counts = work.chains.map(() => new Map<number, number>());
  for (const { chain, hand } of schedule.done)
    counts[chain].set(hand, (counts[chain].get(hand) ?? 0) + 1);
  const promised = Int32Array.from(
    counts,
    (by) => [...by].sort(([, one], [, other]) => other - one).at(0)?.[0] ?? -1,
  );
  const [, second, ...later] = sittings;
  const left = [{ ...second, hands: second.hands.filter((hand) => hand !== 0) }, ...later];
  const again = planned(
    { ...army, sittings: left.filter((each) => each.hands.length > 0) },
    promised,
  );
  return again.kept;
}

function planned({ work, hands, sittings }: RandomPlan, promised?: Int32Array): Schedule {
  const trying = tryRules(work, hands, sittings, undefined, promised);
  let next = trying.next();
  while (!next.done) next = trying.next();
  return next.value;
}

function measure({ work, hands, sittings, units }: RandomPlan, schedule: Schedule): Measured {
  const { done, minutes, bound } = schedule;
  interface Run {
    run: number;
    minutes: number;
    models: number;
  }
  const runs: Run[] = [];
  const last = new Map<string, { run: number; surface: number; at: Run; mix: number }>();
  const headings = new Map<string, number>();
  let changes = 0;
  const modelsOf = new Map<number, number>();
  for (const { jobs } of work.chains)
    for (const { run } of jobs) modelsOf.set(run, (modelsOf.get(run) ?? 0) + 1);
  for (const { chain, job, hand, sitting, starts, ends } of done) {
    const { jobs } = work.chains[chain];
    const { run, mix } = jobs[job];
    const surface = jobs[jobs.length - 1].run;
    const key = `${hand} ${sitting}`;
    const before = last.get(key);
    if (before?.mix !== mix) changes++;
    if (before?.surface !== surface) headings.set(key, (headings.get(key) ?? 0) + 1);
    const at = before?.run === run ? before.at : { run, minutes: 0, models: 0 };
    if (at.models === 0) runs.push(at);
    at.minutes += ends - starts;
    at.models++;
    last.set(key, { run, surface, at, mix });
  }
  const least = modelsOf.size;
  const cut = runs.filter(
    (each) => each.minutes < 2 && each.models < (modelsOf.get(each.run) ?? 0),
  );
  return {
    runs: runs.length / least,
    short: cut.length / runs.length,
    headings: [...headings.values()],
    changes: changes / leastChanges(work, hands),
    time: minutes / bound.minutes,
    breaches: planBreaches(work, hands, sittings, done),
    isGated: units.some((models) => models >= 4),
    kept: null,
    overList: null,
  };
}

/**
 * A bound of the times a paint is taken up: each is taken up once, and by everybody whose own models
 * need it. One hand alone takes it up again wherever a surface needs another paint in between; with
 * several hands another may do what is in between.
 */
function leastChanges({ chains }: RandomPlan['work'], hands: RandomPlan['hands']): number {
  const visits = new Map<number, number>();
  const claimants = new Map<number, Set<number>>();
  for (const { model, jobs } of chains) {
    const ofChain = new Map<number, number>();
    jobs.forEach(({ mix }, at) => {
      if (jobs.at(at - 1)?.mix !== mix || at === 0) ofChain.set(mix, (ofChain.get(mix) ?? 0) + 1);
      const claimant = hands.findIndex(({ claims }) => claims.has(model));
      const by = claimants.get(mix) ?? new Set<number>();
      if (claimant >= 0) by.add(claimant);
      claimants.set(mix, by);
    });
    for (const [mix, times] of ofChain)
      visits.set(mix, Math.max(visits.get(mix) ?? 0, hands.length === 1 ? times : 1));
  }
  return [...visits].reduce(
    (sum, [mix, times]) => sum + Math.max(times, claimants.get(mix)?.size ?? 0),
    0,
  );
}
