import { dispatch } from './dispatch';
import type { Dispatched, Rule } from './dispatched';
import { lowerBound, type LowerBound } from './lowerBound';
import { randomFrom } from '../../../../written/record/randomFrom';
import type { Hand, Sitting, Work } from '../work';

/** The best way found so far to paint it all. */
export interface Schedule extends Dispatched {
  bound: LowerBound;
  /** minutes at the table until all is painted; Infinity where there is no room for all */
  minutes: number;
  /** mixed colours that are mixed in more than one sitting */
  splits: number;
}

export interface Trying {
  best: Schedule;
  /** 0–1 */
  done: number;
}

/** Tries are measured in looks at a surface, so that every machine tries the same. */
const looksInAll = 3e7;
/** Cost of a job beside the surfaces looked at for it, in such looks. */
const looksApart = 100;
const mostTries = 1500;
/** A plan this near to the bound is not searched further. */
const nearEnough = 1.005;
/** A plan that splits fewer colours is taken if it takes at most so much longer. */
const worthKeepingWhole = 1.01;

/**
 * Looks for the shortest plan: paints it all through by a first set of rules, then by rules drawn
 * by chance around the best, and keeps the best. The same work gives the same plan.
 *
 * @returns each time something was tried, the best so far
 */
export function* tryRules(
  work: Work,
  hands: readonly Hand[],
  sittings: readonly Sitting[],
  triesAtMost = mostTries,
): Generator<Trying, Schedule> {
  const bound = lowerBound(work, hands, sittings);
  const random = randomFrom(1);
  const jobs = work.chains.reduce((sum, chain) => sum + chain.jobs.length, 0);
  const looks = Math.max(1, jobs * (work.chains.length + looksApart));
  const mixer = mixerOf(hands);
  const first = firstRules(mixer).slice(0, triesAtMost);
  const tries = Math.max(first.length, Math.min(triesAtMost, Math.floor(looksInAll / looks)));
  let best: Schedule | null = null;
  let bestRule = first[0];
  for (let i = 0; i < tries; i++) {
    const rule = i < first.length ? first[i] : shaken(bestRule, mixer, random);
    const found = judged(dispatch(work, hands, sittings, { ...rule, random }), bound);
    if (!best || isBetter(found, best)) {
      best = found;
      bestRule = rule;
    }
    yield { best, done: (i + 1) / tries };
    if (i >= 3 && best.minutes <= bound.minutes * nearEnough && best.splits === 0) break;
  }
  return best as Schedule;

  function judged(found: Dispatched, against: LowerBound): Schedule {
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
    return { ...found, bound: against, minutes, splits: splitMixes(found, work).length };
  }
}

const isBetter = (one: Schedule, other: Schedule): boolean => {
  if (one.left !== other.left) return one.left < other.left;
  if (one.splits < other.splits) return one.minutes <= other.minutes * worthKeepingWhole;
  if (one.splits > other.splits) return one.minutes * worthKeepingWhole < other.minutes;
  return one.minutes < other.minutes;
};

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
  tail: 0.5,
  crowd: 0.02,
  order: 0.1,
  apart: 30,
  free: 0.2,
  patience: 0,
  waits: 0,
  sticks: true,
  keepsWhole: true,
  mixer: -1,
  chance: 0,
};

/** Where to begin: with nobody mixing for the others, and with the hand that has least to paint. */
function firstRules(mixer: number): Preference[] {
  const rules = [
    plain,
    { ...plain, keepsWhole: false },
    { ...plain, tail: 0.25, crowd: 0.05, apart: 6, free: 2 },
    { ...plain, tail: 1, crowd: 0.1, apart: 3, free: 1, patience: 5, keepsWhole: false },
    { ...plain, tail: 1, crowd: 0.03, apart: 12, free: 0, keepsWhole: false },
    { ...plain, tail: 0.2, crowd: 0.2, patience: 3 },
  ];
  return rules.flatMap((rule) => [rule, { ...rule, mixer }]);
}

/** The best painter to mix for the table: with the fewest models claimed, then the slowest. */
function mixerOf(hands: readonly Hand[]): number {
  const load = ({ claims, speed }: Hand) => claims.size * 1000 + speed;
  return hands.reduce((least, hand, i) => (load(hand) < load(hands[least]) ? i : least), 0);
}

/** A rule near the best one so far; or, now and then, one from anywhere. */
function shaken(rule: Preference, mixer: number, random: () => number): Preference {
  const isWild = random() < 0.25;
  const stretched = (figure: number, least: number, most: number) =>
    isWild
      ? least * (most / least) ** random()
      : Math.min(most, Math.max(least, figure) * Math.exp(2 * (random() - 0.5)));
  return {
    tail: stretched(rule.tail, 0.02, 2),
    crowd: stretched(rule.crowd, 0.01, 2),
    order: stretched(rule.order, 0.01, 3),
    apart: stretched(rule.apart, 1, 100),
    free: random() < 0.2 ? 0 : stretched(rule.free, 0.02, 5),
    patience: random() < 0.4 ? 8 * random() : isWild ? 0 : rule.patience,
    waits: random() < 0.8 ? 0 : 15 * random(),
    sticks: random() < 0.2 ? !rule.sticks : rule.sticks,
    keepsWhole: random() < 0.3 ? !rule.keepsWhole : rule.keepsWhole,
    mixer: random() < 0.2 ? (rule.mixer < 0 ? mixer : -1) : rule.mixer,
    chance: random() < 0.6 ? 0 : 20 * random() * random(),
  };
}
