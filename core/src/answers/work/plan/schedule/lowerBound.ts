import { claimantsOf, type Hand, type Sitting, type Work } from '../work';

/** A lower bound of any plan, in minutes at the table. */
export interface LowerBound {
  /** hands-on time, each paint mixed and taken up once, shared out over the hands that are there */
  handsOn: number;
  /** the longest way through one surface, painting and drying */
  surface: number;
  /** the longest that one body is in a hand, or cannot be held */
  body: number;
  /** the greatest of them */
  minutes: number;
}

/**
 * A lower bound of any plan. Minutes at the table: sessions end to end, drying
 * between them costs nothing. Infinite where the sittings cannot hold it.
 */
export function lowerBound(
  work: Work,
  hands: readonly Hand[],
  sittings: readonly Sitting[],
): LowerBound {
  const bounds = {
    handsOn: handsOnBound(work, hands, sittings),
    surface: surfaceBound(work, hands, sittings),
    body: bodyBound(work, hands, sittings),
  };
  return { ...bounds, minutes: Math.max(bounds.handsOn, bounds.surface, bounds.body) };
}

function handsOnBound(work: Work, hands: readonly Hand[], sittings: readonly Sitting[]): number {
  const slowest = Math.min(...hands.map(({ speed }) => speed));
  const claimant = claimantsOf(hands);
  // A paint is mixed once for all, and taken up once by everybody whose claimed models need it; free
  // models can be painted by one of them with the same brushful.
  const claimants = new Map(mixesOf(work).map((mix) => [mix, new Set<number>()]));
  for (const { model, jobs } of work.chains) {
    const hand = claimant.get(model);
    if (hand !== undefined) for (const { mix } of jobs) claimants.get(mix)?.add(hand);
  }
  const takenUp = [...claimants.values()].reduce((sum, { size }) => sum + Math.max(1, size), 0);
  const mixing = mixesOf(work).reduce((sum, mix) => sum + work.mixes[mix].mixMinutes, 0);
  // Getting ready keeps a hand from painting; least is lost where the slowest does it.
  const needed = handsOnOf(work) + (mixing + takenUp * work.changeMinutes) * slowest;
  const everybody = whenPainted(needed, (hand) => hands[hand].speed, sittings);
  const quickest = Math.min(...mixesOf(work).map((mix) => work.mixes[mix].mixMinutes));
  const claimed = hands.map(({ claims, speed }, own) => {
    const ownWork = { chains: work.chains.filter(({ model }) => claims.has(model)) };
    const ownNeeded = handsOnOf(ownWork) + mixesOf(ownWork).length * work.changeMinutes * speed;
    // Before a hand paints in a sitting it mixes, or waits until somebody has.
    const shortened = sittings.map((each) => ({
      ...each,
      from: Math.min(each.to, each.from + quickest),
    }));
    const minutes = whenPainted(ownNeeded, (hand) => (hand === own ? speed : 0), shortened);
    const sat = shortened.findIndex(
      (_, i) => minutes <= lengthOf(shortened.slice(0, i + 1)) + 1e-9,
    );
    return ownNeeded > 0 ? minutes + (sat + 1) * quickest : 0;
  });
  return Math.max(everybody, ...claimed);
}

const mixesOf = ({ chains }: Pick<Work, 'chains'>) => [
  ...new Set(chains.flatMap(({ jobs }) => jobs.map(({ mix }) => mix))),
];

const lengthOf = (sittings: readonly Sitting[]) =>
  sittings.reduce((sum, { from, to }) => sum + to - from, 0);

const handsOnOf = ({ chains }: Pick<Work, 'chains'>) =>
  chains.reduce((all, { jobs }) => jobs.reduce((sum, { handsOn }) => sum + handsOn, all), 0);

/** Minutes at the table until hands of these speeds have painted so much. */
function whenPainted(
  needed: number,
  speedOf: (hand: number) => number,
  sittings: readonly Sitting[],
): number {
  let before = 0;
  let painted = 0;
  for (const { from, to, hands } of sittings) {
    const speed = hands.reduce((sum, hand) => sum + speedOf(hand), 0);
    if (painted + (to - from) * speed >= needed - 1e-9)
      return speed > 0 ? before + (needed - painted) / speed : before;
    painted += (to - from) * speed;
    before += to - from;
  }
  return needed > 1e-9 ? Infinity : 0;
}

/** Each surface painted as if everybody waited for it alone. */
function surfaceBound(work: Work, hands: readonly Hand[], sittings: readonly Sitting[]): number {
  const claimant = claimantsOf(hands);
  const fastest = Math.max(...hands.map(({ speed }) => speed));
  const turns = [...new Set(work.chains.flatMap(({ jobs }) => jobs.map(({ turn }) => turn)))].sort(
    (one, other) => one - other,
  );
  const isDry = new Float64Array(work.models);
  let latest = 0;
  const walk = (chain: Work['chains'][number], turn: number, from: number) => {
    const owner = claimant.get(chain.model);
    const speed = owner === undefined ? fastest : hands[owner].speed;
    const ready = gettingReady(work, chain, turn) + (sittings.at(0)?.from ?? 0);
    let time = Math.max(chain.readyAt, from, ready);
    for (const job of chain.jobs) {
      if (job.turn !== turn) continue;
      const start = firstFit(time, job.handsOn / speed, sittings, owner);
      if (!start) return Infinity;
      const end = start.at + job.handsOn / speed;
      latest = Math.max(latest, start.before + end - sittings[start.sitting].from);
      time = end + job.dry;
    }
    return time;
  };
  for (const turn of turns) {
    const before = Float64Array.from(isDry);
    for (const chain of work.chains) {
      if (!chain.jobs.some((job) => job.turn === turn)) continue;
      const dry = walk(chain, turn, turn > 0 ? before[chain.model] : 0);
      if (dry === Infinity) return Infinity;
      isDry[chain.model] = Math.max(isDry[chain.model], dry);
    }
  }
  return latest;
}

/** Somebody has to mix and take up the first paint before anything is painted with it. */
function gettingReady(
  { mixes, changeMinutes }: Work,
  { jobs }: Work['chains'][number],
  turn: number,
) {
  const first = jobs.find((job) => job.turn === turn);
  return first ? mixes[first.mix].mixMinutes + changeMinutes : 0;
}

/** The first moment from `time` on when so many minutes fit into a sitting. */
function firstFit(
  time: number,
  minutes: number,
  sittings: readonly Sitting[],
  hand: number | undefined,
): { at: number; sitting: number; before: number } | null {
  let before = 0;
  for (const [sitting, { from, to, hands }] of sittings.entries()) {
    const at = Math.max(time, from);
    const isThere = hand === undefined || hands.includes(hand);
    if (isThere && at + minutes <= to + 1e-9) return { at, sitting, before };
    before += to - from;
  }
  return null;
}

/**
 * A body is in one hand at a time, and in none while a wash on it dries; save where it dries
 * after its last coat or between two sittings, at best the longest times of all.
 */
function bodyBound(
  { chains, bodies }: Work,
  hands: readonly Hand[],
  sittings: readonly Sitting[],
): number {
  const fastest = Math.max(...hands.map(({ speed }) => speed));
  const held = new Float64Array(bodies);
  const waits: number[][] = Array.from({ length: bodies }, () => []);
  for (const { body, jobs } of chains)
    for (const { handsOn, dry, blocks } of jobs) {
      held[body] += handsOn / fastest;
      if (blocks) waits[body].push(dry);
    }
  return waits.reduce((most, ofBody, body) => {
    const counted = ofBody.sort((one, other) => other - one).slice(sittings.length);
    return Math.max(
      most,
      counted.reduce((sum, dry) => sum + dry, held[body]),
    );
  }, 0);
}
