import { randomFrom } from '../../../../written/record/randomFrom';
import { aimWeights, usualAims, type AimWeights } from '../../army/planAims';
import { remainders } from '../remainders';
import { minutesBefore, type Hand, type Sitting, type Work } from '../work';
import type { Dispatched } from './dispatched';
import { movesFrom, type Preference, type Way } from './moves';
import { lowerBound, type LowerBound } from './lowerBound';
import { paintThrough } from './paintThrough';
import { dealingNames, dealt, dealtAsPromised, keptShare, type Promised } from './parts';
import { planShape, type PlanShape } from './planShape';

/** The best way found so far to paint it all. */
export interface Schedule extends Dispatched {
  bound: LowerBound;
  /** minutes at the table until all is painted; Infinity where there is no room for all */
  minutes: number;
  /** mixed colours that are mixed in more than one sitting */
  splits: number;
  shape: PlanShape;
  /** share of the coats that go to whom they were promised, 0–1 */
  kept: number;
}

export interface Trying {
  best: Schedule;
  /** 0–1 */
  done: number;
}

/** Tries are counted in jobs painted through, so that every machine tries the same. */
const jobsInAll = 400_000;
const mostTries = 800;
const fewestTries = 18;
/** Share of the tries that change two things of the best plan so far. */
const twoAtOnce = 0.35;
/** A plan this near to the bound, with no coat split, is not searched further. */
const nearEnough = 1.005;

/**
 * Minutes a plan may take longer for one run, paint taken up, surface changed to, or two brushes in
 * one paint less; and for one minute less until the mean unit is finished, or of waiting.
 */
const worth = { run: 2, change: 12, heading: 1, split: 1, together: 3 } as const;
const minuteWorth = { unit: 0.1, waiting: 0.1 } as const;
/** A plan that takes everything from whom it was promised may be so much shorter before it is preferred. */
const promiseHolds = 6;

/**
 * Looks for the plan people would follow: deals the work out in each of four ways, paints it through
 * by a first set of rules, then changes one thing of the best so far at a time, and keeps what is
 * better. Counted in tries and not by the clock: the same work gives the same plan.
 *
 * @param promised whose each chain is in a plan that was kept
 * @param aims how much each aim counts
 * @returns each time something was tried, the best so far
 */
export function* tryRules(
  work: Work,
  hands: readonly Hand[],
  sittings: readonly Sitting[],
  triesAtMost = mostTries,
  promised?: Promised,
  aims: AimWeights = aimWeights(usualAims),
): Generator<Trying, Schedule> {
  const bound = lowerBound(work, hands, sittings);
  const random = randomFrom(1);
  const tails = remainders(work);
  const before = minutesBefore(sittings);
  const mixes = new Set(work.chains.flatMap((chain) => chain.jobs.map(({ mix }) => mix))).size;
  const surfaces = new Set(work.chains.map((chain) => chain.jobs.at(-1)?.run)).size;
  const jobs = work.chains.reduce((sum, chain) => sum + chain.jobs.length, 0);
  const names = hands.length === 1 ? (['as it comes'] as const) : dealingNames;
  const dealings = [
    ...(promised ? [dealtAsPromised(work, hands, promised)] : []),
    ...names.map((name) => dealt(work, hands, sittings, name)),
  ];
  const first = [
    // At first nothing is taken over from whom it was promised.
    ...(promised ? [{ dealing: dealings[0], rule: { ...plain, helps: false } }] : []),
    ...dealings.flatMap((dealing) => firstRules.map((rule) => ({ dealing, rule }))),
  ];
  const tries = Math.min(
    triesAtMost,
    Math.max(Math.min(first.length, fewestTries), Math.floor(jobsInAll / Math.max(1, jobs)), 1),
    mostTries,
  );
  let best: Schedule | null = null;
  let leading: Way = first[0];
  const next = movesFrom(work, hands, random);
  // Two changes at once now and then: some plans are better only by both.
  const changed = (from: Way, done: Dispatched['done']): Way => {
    const once = next(from, done, dealings);
    return random() < twoAtOnce ? next(once, done, dealings) : once;
  };
  for (let i = 0; i < tries; i++) {
    const tried = i < first.length ? first[i] : changed(leading, (best as Schedule).done);
    const found = judged(
      paintThrough(work, hands, sittings, tried.dealing, { ...tried.rule, random }, tails),
    );
    if (!best || isBetter(found, best, aims)) {
      best = found;
      leading = tried;
    }
    yield { best, done: (i + 1) / tries };
    if (
      best.minutes <= bound.minutes * nearEnough &&
      best.shape.broken === 0 &&
      best.shape.changes <= mixes &&
      best.shape.headings <= surfaces &&
      best.splits === 0
    )
      break;
  }
  return best as Schedule;

  function judged(found: Dispatched): Schedule {
    const minutes =
      found.left > 0
        ? Infinity
        : found.done.reduce(
            (most, { ends, sitting }) =>
              Math.max(most, before[sitting] + ends - sittings[sitting].from),
            0,
          );
    return {
      ...found,
      bound,
      minutes,
      splits: splitMixes(found, work).length,
      shape: planShape(work, sittings, before, found.done),
      kept: promised ? keptShare(promised, found.done) : 1,
    };
  }
}

/** The cost of a plan to people, in minutes: its own, and all it is cut up into. */
export function costOf(
  { minutes, splits, shape, kept }: Pick<Schedule, 'minutes' | 'splits' | 'shape' | 'kept'>,
  aims: AimWeights,
): number {
  const cutUp =
    worth.run * shape.runs +
    worth.change * shape.changes +
    worth.heading * shape.headings +
    worth.split * splits +
    worth.together * shape.together;
  return (
    aims.shorter * minutes +
    aims.fewerChanges * cutUp +
    (minutes + cutUp) * promiseHolds * (1 - kept) +
    aims.unitsEarly * minuteWorth.unit * shape.unitMinutes +
    aims.lessWaiting * minuteWorth.waiting * shape.waiting
  );
}

const isBetter = (one: Schedule, other: Schedule, aims: AimWeights): boolean =>
  one.left === other.left
    ? costOf({ ...one, minutes: finite(one.minutes) }, aims) <
      costOf({ ...other, minutes: finite(other.minutes) }, aims)
    : one.left < other.left;

/** Where not all has room the minutes are those of what has. */
const finite = (minutes: number) => (Number.isFinite(minutes) ? minutes : 0);

/** Mixed colours that are needed in more than one sitting, by index. */
export function splitMixes({ done }: Dispatched, { chains, mixes }: Work): number[] {
  const sittingsOf = new Map<number, Set<number>>();
  for (const { chain, job, sitting } of done) {
    const { mix } = chains[chain].jobs[job];
    if (!mixes[mix].isMixed) continue;
    const known = sittingsOf.get(mix);
    if (known) known.add(sitting);
    else sittingsOf.set(mix, new Set([sitting]));
  }
  return [...sittingsOf].flatMap(([mix, used]) => (used.size > 1 ? [mix] : []));
}

const plain: Preference = {
  tail: 0.05,
  order: 0.2,
  changes: { mix: 1.5, surface: 4, unit: 4 },
  waiting: 1,
  split: 15,
  apart: 4,
  fills: false,
  helps: true,
  waits: false,
  chance: 0,
};

/** Where to begin: surface by surface, paint by paint, or as the longest way asks. */
const firstRules: Preference[] = [
  plain,
  { ...plain, changes: { mix: 8, surface: 2, unit: 1 } },
  { ...plain, changes: { mix: 16, surface: 1, unit: 0.5 }, order: 0.05 },
  { ...plain, tail: 0.2, fills: true },
  { ...plain, tail: 0.4, changes: { mix: 2, surface: 2, unit: 1 } },
  { ...plain, tail: 0.01, order: 1, waiting: 0.6 },
];
