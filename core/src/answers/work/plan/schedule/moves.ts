import { claimantsOf, type Hand, type Work } from '../work';
import type { Done, Rule } from './dispatched';
import type { Dealing } from './parts';

/** A rule without its chance. */
export type Preference = Omit<Rule, 'random'>;

/** One way to deal the work out and to paint it through. */
export interface Way {
  dealing: Dealing;
  rule: Preference;
}

/** Minutes by which a coat taken out is moved forwards or back at most. */
const farthest = 25;

/**
 * Changes one thing of the best way so far: its rule; or what one painter does in an evening, one
 * surface or one paint, taken out and put back at another place; or whose one part is.
 *
 * @param done what was painted the best way
 * @param random 0–1 each call
 */
export function movesFrom(work: Work, hands: readonly Hand[], random: () => number) {
  const { chains } = work;
  const runCount = 1 + Math.max(-1, ...chains.flatMap(({ jobs }) => jobs.map(({ run }) => run)));
  const claimant = claimantsOf(hands);
  const pick = <T>(from: readonly T[]): T => from[Math.floor(random() * from.length)];

  return function next(way: Way, done: readonly Done[], dealings: readonly Dealing[]): Way {
    const { dealing, rule } = way;
    const kind = random();
    if (kind < 0.05) return { dealing, rule: { ...rule, waits: !rule.waits } };
    if (kind < 0.3) return { dealing, rule: shaken(rule, random) };
    if (kind < 0.4) return { dealing: pick(dealings), rule: shaken(rule, random) };
    if (kind < 0.55 && hands.length > 1) return { dealing: reassigned(dealing), rule };
    return { dealing, rule: { ...rule, bias: putBack(rule.bias, takenOut(done)) } };
  };

  /** Coats that belong together in one of four ways. */
  function takenOut(done: readonly Done[]): Set<number> {
    const one = pick(done);
    const runOf = ({ chain, job }: Done) => chains[chain].jobs[job].run;
    const surfaceOf = ({ chain }: Done) => chains[chain].jobs.at(-1)?.run;
    const mixOf = ({ chain, job }: Done) => chains[chain].jobs[job].mix;
    const kind = random();
    if (kind < 0.3) return new Set([runOf(one)]);
    const isAlike =
      kind < 0.55
        ? (other: Done) => mixOf(other) === mixOf(one)
        : kind < 0.8
          ? (other: Done) => surfaceOf(other) === surfaceOf(one)
          : (other: Done) => other.hand === one.hand && other.sitting === one.sitting;
    return new Set(done.filter(isAlike).map(runOf));
  }

  /** All of them moved alike, or each by itself. */
  function putBack(bias: Float64Array | undefined, runs: ReadonlySet<number>): Float64Array {
    const moved = bias ? Float64Array.from(bias) : new Float64Array(runCount);
    const spread = farthest * random();
    const together = random() < 0.5;
    const by = spread * (2 * random() - 1);
    for (const run of runs) moved[run] = together ? by : spread * (2 * random() - 1);
    return moved;
  }

  /** One part to another hand, or to whoever is free. */
  function reassigned(dealing: Dealing): Dealing {
    const part = Math.floor(random() * dealing.handOf.length);
    const to = Math.floor(random() * (hands.length + 1)) - 1;
    if (to < 0 ? dealing.fixed[part] : hands[to].onlyBase) return dealing;
    const isClaimed = chains.some(
      ({ model }, chain) => dealing.partOf[chain] === part && claimant.has(model),
    );
    if (isClaimed) return dealing;
    const handOf = [...dealing.handOf];
    handOf[part] = to;
    return { ...dealing, handOf };
  }
}

/** A rule near the best one so far; or, now and then, one from anywhere. */
function shaken(rule: Preference, random: () => number): Preference {
  const isWild = random() < 0.2;
  const stretched = (figure: number, least: number, most: number) =>
    isWild
      ? least * (most / least) ** random()
      : Math.min(most, Math.max(least, figure) * Math.exp(1.6 * (random() - 0.5)));
  return {
    bias: rule.bias,
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
    waits: random() < 0.2 ? !rule.waits : rule.waits,
    chance: random() < 0.5 ? 0 : 8 * random() * random(),
  };
}
