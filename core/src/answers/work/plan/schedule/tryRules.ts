import { randomFrom } from '../../../../written/record/randomFrom';
import type { Hand, Sitting, Work } from '../work';
import type { Dispatched, Rule } from './dispatched';
import { lowerBound, type LowerBound } from './lowerBound';
import { paintThrough } from './paintThrough';
import {
  dealingNames,
  dealt,
  dealtAsPromised,
  keptShare,
  type Dealing,
  type Promised,
} from './parts';
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
const jobsInAll = 160_000;
const mostTries = 400;
const fewestTries = 18;
/** A plan this near to the bound, with no coat split, is not searched further. */
const nearEnough = 1.005;

/** Minutes a plan may take longer for one coat less that is broken off, paint taken up, or surface changed to. */
const worth = { run: 2, change: 4, heading: 1, split: 1 } as const;
/** A plan that takes everything from whom it was promised may be so much shorter before it is preferred. */
const promiseHolds = 3;

/**
 * Looks for the plan people would follow: deals the work out in each of three ways, paints it through
 * by a first set of rules, then by rules drawn by chance around the best, and keeps the best. The
 * same work gives the same plan.
 *
 * @param promised whose each chain is in a plan that was kept
 * @returns each time something was tried, the best so far
 */
export function* tryRules(
  work: Work,
  hands: readonly Hand[],
  sittings: readonly Sitting[],
  triesAtMost = mostTries,
  promised?: Promised,
): Generator<Trying, Schedule> {
  const bound = lowerBound(work, hands, sittings);
  const random = randomFrom(1);
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
  let leading: { dealing: Dealing; rule: Preference } = first[0];
  for (let i = 0; i < tries; i++) {
    const tried =
      i < first.length
        ? first[i]
        : {
            dealing:
              random() < 0.2 ? dealings[Math.floor(random() * dealings.length)] : leading.dealing,
            rule: shaken(leading.rule, random),
          };
    const found = judged(
      paintThrough(work, hands, sittings, tried.dealing, { ...tried.rule, random }),
    );
    if (!best || isBetter(found, best)) {
      best = found;
      leading = tried;
    }
    yield { best, done: (i + 1) / tries };
    if (best.minutes <= bound.minutes * nearEnough && best.shape.broken === 0 && best.splits === 0)
      break;
  }
  return best as Schedule;

  function judged(found: Dispatched): Schedule {
    const before = sittings.map((_, sitting) =>
      sittings.slice(0, sitting).reduce((sum, { from, to }) => sum + to - from, 0),
    );
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
      shape: planShape(work, found.done),
      kept: promised ? keptShare(promised, found.done) : 1,
    };
  }
}

/** The cost of a plan to people, in minutes: its own, and all it is cut up into. */
const costOf = ({ minutes, splits, shape, kept }: Schedule): number =>
  minutes * (1 + promiseHolds * (1 - kept)) +
  worth.run * shape.runs +
  worth.change * shape.changes +
  worth.heading * shape.headings +
  worth.split * splits;

const isBetter = (one: Schedule, other: Schedule): boolean =>
  one.left === other.left
    ? costOf({ ...one, minutes: finite(one.minutes) }) <
      costOf({ ...other, minutes: finite(other.minutes) })
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

type Preference = Omit<Rule, 'random'>;

const plain: Preference = {
  tail: 0.05,
  order: 0.2,
  changes: { mix: 1.5, surface: 4, unit: 4 },
  waiting: 1,
  split: 15,
  apart: 4,
  fills: false,
  helps: true,
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

/** A rule near the best one so far; or, now and then, one from anywhere. */
function shaken(rule: Preference, random: () => number): Preference {
  const isWild = random() < 0.2;
  const stretched = (figure: number, least: number, most: number) =>
    isWild
      ? least * (most / least) ** random()
      : Math.min(most, Math.max(least, figure) * Math.exp(1.6 * (random() - 0.5)));
  return {
    tail: stretched(rule.tail, 0.005, 1),
    order: stretched(rule.order, 0.02, 3),
    changes: {
      mix: stretched(rule.changes.mix, 0.5, 20),
      surface: stretched(rule.changes.surface, 0.5, 20),
      unit: stretched(rule.changes.unit, 0.3, 20),
    },
    waiting: stretched(rule.waiting, 0.3, 3),
    split: stretched(rule.split, 3, 60),
    apart: stretched(rule.apart, 0.5, 20),
    fills: random() < 0.1 ? !rule.fills : rule.fills,
    helps: rule.helps,
    chance: random() < 0.5 ? 0 : 8 * random() * random(),
  };
}
