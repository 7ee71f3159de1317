import type { Done } from '../answers/work/plan/schedule/dispatched';
import type { Hand, Sitting, Work } from '../answers/work/plan/work';

interface ListedRun {
  /** chains with the place of the coat among their jobs */
  coats: { chain: number; job: number }[];
  mix: number;
  /** the only hand that may paint it; −1 for any */
  owner: number;
}

/**
 * A plain list scheduler to hold the planner against: coats in the order they are written, each taken
 * through whole by whoever is free first; of the coats that may be begun the first that is dry, else
 * the one that is dry soonest. It shares no code with the planner.
 *
 * @returns what is painted, and how many coats found no room
 */
export function listSchedule(
  work: Work,
  hands: readonly Hand[],
  sittings: readonly Sitting[],
): { done: Done[]; left: number } {
  const { chains, mixes, changeMinutes } = work;
  const list = listedRuns(work, hands);
  const done: Done[] = [];
  const at = chains.map(() => 0);
  const dry = chains.map(({ readyAt }) => readyAt);
  const free = Array.from({ length: work.bodies }, (_, body) => work.bodyFreeAt[body] ?? 0);
  const clock = hands.map(() => ({ sitting: -1, time: Infinity, held: -1 }));
  const madeAt = mixes.map(() => -Infinity);
  const madeIn = mixes.map(() => -1);
  hands.forEach((_, hand) => toNextSitting(hand));

  while (list.length > 0) {
    let hand = 0;
    for (let other = 1; other < hands.length; other++)
      if (clock[other].time < clock[hand].time) hand = other;
    if (clock[hand].time === Infinity) break;
    const next = pick(hand);
    if (!next) toNextSitting(hand);
    else if (next.waitUntil !== undefined) clock[hand].time = next.waitUntil;
    else if (next.run) paint(hand, next.run);
  }
  return { done, left: list.reduce((sum, { coats }) => sum + coats.length, 0) };

  function toNextSitting(hand: number): void {
    const from = clock[hand].sitting + 1;
    const sitting = sittings.findIndex((each, i) => i >= from && each.hands.includes(hand));
    clock[hand] =
      sitting < 0
        ? { sitting: sittings.length, time: Infinity, held: -1 }
        : { sitting, time: sittings[sitting].from, held: -1 };
  }

  function mayBegin({ coats, owner }: ListedRun, hand: number): boolean {
    if (owner >= 0 && owner !== hand) return false;
    return coats.every(({ chain, job }) => {
      const { model, jobs } = chains[chain];
      if (at[chain] !== job) return false;
      return chains.every(
        (other, place) =>
          other.model !== model ||
          other.jobs.slice(at[place]).every(({ turn }) => turn >= jobs[job].turn),
      );
    });
  }

  function readyAt({ coats }: ListedRun): number {
    return Math.max(...coats.map(({ chain, job }) => coatReady(chain, job)));
  }

  function coatReady(chain: number, job: number): number {
    const { model, body, jobs } = chains[chain];
    let from = Math.max(dry[chain], free[body]);
    chains.forEach((other, place) => {
      if (other.model === model && place !== chain && jobs[job].turn > 0)
        from = Math.max(from, dry[place]);
    });
    return from;
  }

  function pick(hand: number): { run?: ListedRun; waitUntil?: number } | null {
    const { time, sitting } = clock[hand];
    const { to } = sittings[sitting];
    let soonest = Infinity;
    for (const run of list) {
      if (!mayBegin(run, hand)) continue;
      const starts = Math.max(time, readyAt(run)) + mixes[run.mix].mixMinutes + changeMinutes;
      const minutes = run.coats.reduce(
        (sum, { chain, job }) => sum + chains[chain].jobs[job].handsOn / hands[hand].speed,
        0,
      );
      const fitsNowhere = sittings.every((each) => minutes + 5 > each.to - each.from);
      if (starts + (fitsNowhere ? 0 : minutes) > to) continue;
      if (readyAt(run) <= time) return { run };
      soonest = Math.min(soonest, readyAt(run));
    }
    // Somebody else may finish what this hand could go on with.
    for (const [other, each] of clock.entries())
      if (other !== hand && each.time > time && each.time < to)
        soonest = Math.min(soonest, each.time);
    return soonest < to ? { waitUntil: Math.max(soonest, time + 0.5) } : null;
  }

  function paint(hand: number, run: ListedRun): void {
    const state = clock[hand];
    const { to } = sittings[state.sitting];
    while (run.coats.length > 0) {
      const [{ chain, job }] = run.coats;
      const { handsOn, dry: drying, blocks, mix } = chains[chain].jobs[job];
      const isStale =
        madeIn[mix] !== state.sitting || state.time - madeAt[mix] > mixes[mix].usableMinutes;
      const mixing = isStale ? mixes[mix].mixMinutes : Math.max(0, madeAt[mix] - state.time);
      const changing = state.held === mix ? 0 : changeMinutes;
      const starts = Math.max(state.time + mixing + changing, coatReady(chain, job));
      const ends = starts + handsOn / hands[hand].speed;
      if (ends > to) return toNextSitting(hand);
      if (isStale) {
        madeAt[mix] = state.time + mixing;
        madeIn[mix] = state.sitting;
      }
      const driesAt = ends + drying;
      done.push({
        chain,
        job,
        hand,
        sitting: state.sitting,
        mixing: isStale ? mixing : 0,
        changing,
        starts,
        ends,
        driesAt,
      });
      state.time = ends;
      state.held = mix;
      at[chain]++;
      dry[chain] = driesAt;
      const { body } = chains[chain];
      free[body] = Math.max(free[body], blocks ? driesAt : ends);
      run.coats.shift();
    }
    list.splice(list.indexOf(run), 1);
  }
}

/** Every coat of every line, unit by unit and surface by surface, by whose models it is on. */
function listedRuns({ chains }: Work, hands: readonly Hand[]): ListedRun[] {
  const found = new Map<string, ListedRun & { key: number[] }>();
  chains.forEach(({ model, unit, rank, jobs }, chain) => {
    const owner = hands.findIndex(({ claims }) => claims.has(model));
    jobs.forEach(({ run, mix, turn }, job) => {
      const name = `${run} ${owner}`;
      const known = found.get(name) ?? { coats: [], mix, owner, key: [turn, unit, rank, job] };
      known.coats.push({ chain, job });
      found.set(name, known);
    });
  });
  return [...found.values()].sort((one, other) => {
    const apart = one.key.findIndex((each, i) => each !== other.key[i]);
    return apart < 0 ? 0 : one.key[apart] - other.key[apart];
  });
}
