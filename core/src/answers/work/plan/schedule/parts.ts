import type { Done } from './dispatched';
import { claimantsOf, type Hand, type Sitting, type Work } from '../work';

/** How the work is dealt out to the painters, one way of `dealings`. */
export interface Dealing {
  /** for each chain the part it belongs to: what one painter takes through in a row */
  partOf: Int32Array;
  /** for each part the hand that paints it; −1 for whoever is free */
  handOf: number[];
  /** parts that nobody else takes over */
  fixed: boolean[];
  /** whoever is free takes the next line of a surface that nobody was given, and not who began it */
  isByPaint?: boolean;
}

export const dealingNames = ['by unit', 'by surface', 'as it comes', 'by paint'] as const;

/** For each chain the hand that was promised it in a plan that was kept; −1 for nobody. */
export type Promised = Int32Array;
export type DealingName = (typeof dealingNames)[number];

/** A unit larger than its painter's share by this much is shared out. */
const mostOver = 1.25;

interface Block {
  chains: number[];
  minutes: number;
}

/**
 * The first level of a plan: whose each piece of work is. Whole units to one hand each, those that
 * are too large by ranges of models (`by unit`); each surface of a unit to one hand, so that it has
 * one look on all of them (`by surface`); nothing fixed before it is begun
 * (`as it comes`); or lines to whoever has the paint on the brush (`by paint`). What
 * is claimed goes to its claimant in every way.
 */
export function dealt(
  work: Work,
  hands: readonly Hand[],
  sittings: readonly Sitting[],
  name: DealingName,
): Dealing {
  const claimant = claimantsOf(hands);
  const partOf = new Int32Array(work.chains.length).fill(-1);
  const handOf: number[] = [];
  const fixed: boolean[] = [];
  // Somebody new gets nothing of their own: they help with base coats wherever there are any.
  const room = hands.map(({ speed, onlyBase }, hand) =>
    onlyBase
      ? 0
      : sittings.reduce(
          (sum, { from, to, hands: here }) =>
            here.includes(hand) ? sum + (to - from) * speed : sum,
          0,
        ),
  );
  const load = hands.map(() => 0);
  const give = (chains: readonly number[], hand: number, isFixed = false) => {
    const part = handOf.push(hand) - 1;
    fixed.push(isFixed);
    for (const chain of chains) {
      partOf[chain] = part;
      if (hand >= 0) load[hand] += minutesOf(work, chain);
    }
  };
  const free: Block[][] = [];
  /** units that one hand paints */
  const whole: Block[] = [];
  for (const [at, unit] of unitsOf(work)) {
    for (const [hand] of hands.entries()) {
      const claimed = unit.filter((chain) => claimant.get(work.chains[chain].model) === hand);
      if (claimed.length > 0) give(claimed, hand);
    }
    const rest = unit.filter((chain) => !claimant.has(work.chains[chain].model));
    if (rest.length === 0) continue;
    if (work.wishes?.get(at)?.oneHand) whole.push(blockOf(work, rest));
    else free.push(name === 'by surface' ? bySurface(work, rest) : [blockOf(work, rest)]);
  }
  const total =
    [...free.flat(), ...whole].reduce((sum, { minutes }) => sum + minutes, 0) +
    load.reduce((a, b) => a + b, 0);
  const allRoom = room.reduce((sum, each) => sum + each, 0);
  /** minutes of work that would leave every hand as full as the others */
  const fair = room.map((each) => (allRoom > 0 ? (total * each) / allRoom : 0));
  const left = (hand: number) => fair[hand] - load[hand];
  const emptiest = () =>
    hands.reduce(
      (best, { onlyBase }, hand) =>
        !onlyBase && (hands[best].onlyBase || left(hand) > left(best)) ? hand : best,
      0,
    );
  for (const { chains } of whole.sort((one, other) => other.minutes - one.minutes))
    give(chains, emptiest(), true);
  if (name === 'as it comes' || name === 'by paint' || hands.length === 1) {
    for (const blocks of free)
      give(
        blocks.flatMap(({ chains }) => chains),
        hands.length === 1 ? 0 : -1,
      );
    return { partOf, handOf, fixed, isByPaint: name === 'by paint' };
  }
  for (const blocks of free.sort((one, other) => sumOf(other) - sumOf(one)))
    for (const block of blocks.sort((one, other) => other.minutes - one.minutes)) shareOut(block);
  return { partOf, handOf, fixed };

  function shareOut(block: Block): void {
    const hand = emptiest();
    if (block.minutes <= Math.max(left(hand), 1) * mostOver || name === 'by surface') {
      give(block.chains, hand);
      return;
    }
    const models = [...new Set(block.chains.map((chain) => work.chains[chain].model))].sort(
      (a, b) => a - b,
    );
    const each = block.minutes / models.length;
    const count = Math.max(
      1,
      Math.min(models.length, Math.round(Math.max(left(hand), each) / each)),
    );
    if (count >= models.length) {
      give(block.chains, hand);
      return;
    }
    const mine = new Set(models.slice(0, count));
    const isMine = (chain: number) => mine.has(work.chains[chain].model);
    give(block.chains.filter(isMine), hand);
    shareOut(
      blockOf(
        work,
        block.chains.filter((chain) => !isMine(chain)),
      ),
    );
  }
}

/** Promised work stays with its hand; the rest goes to whoever is free. */
export function dealtAsPromised(work: Work, hands: readonly Hand[], promised: Promised): Dealing {
  const claimant = claimantsOf(hands);
  const partOf = new Int32Array(work.chains.length).fill(-1);
  const handOf: number[] = [];
  const fixed: boolean[] = [];
  const known = new Map<string, number>();
  for (const [unit, chains] of unitsOf(work)) {
    const oneHand = work.wishes?.get(unit)?.oneHand ? mostPromised(chains, promised) : undefined;
    for (const chain of chains) {
      const hand = claimant.get(work.chains[chain].model) ?? oneHand ?? promised[chain];
      const key = `${unit} ${hand}`;
      const part = known.get(key) ?? handOf.push(hand) - 1;
      fixed[part] = oneHand !== undefined && hand >= 0;
      known.set(key, part);
      partOf[chain] = part;
    }
  }
  return { partOf, handOf, fixed };
}

/** Share of what was promised and is painted by its hand, 0–1; 1 where nothing was. */
export function keptShare(promised: Promised, done: readonly Done[]): number {
  let kept = 0;
  let all = 0;
  for (const { chain, hand } of done) {
    if (promised[chain] < 0) continue;
    all++;
    if (promised[chain] === hand) kept++;
  }
  return all === 0 ? 1 : kept / all;
}

const sumOf = (blocks: readonly Block[]) => blocks.reduce((sum, { minutes }) => sum + minutes, 0);
const minutesOf = ({ chains }: Work, chain: number) =>
  chains[chain].jobs.reduce((sum, { handsOn }) => sum + handsOn, 0);

const blockOf = (work: Work, chains: number[]): Block => ({
  chains,
  minutes: chains.reduce((sum, chain) => sum + minutesOf(work, chain), 0),
});

/** The chains of each unit. */
function unitsOf({ chains }: Work): Map<number, number[]> {
  const found = new Map<number, number[]>();
  chains.forEach(({ unit }, chain) => {
    const known = found.get(unit);
    if (known) known.push(chain);
    else found.set(unit, [chain]);
  });
  return found;
}

/** The hand that most of these chains were promised to. */
function mostPromised(chains: readonly number[], promised: Promised): number {
  const counts = new Map<number, number>();
  for (const chain of chains)
    if (promised[chain] >= 0) counts.set(promised[chain], (counts.get(promised[chain]) ?? 0) + 1);
  return [...counts].sort(([, one], [, other]) => other - one).at(0)?.[0] ?? -1;
}

/** The chains of a unit that share their last coat: one surface by one recipe. */
function bySurface(work: Work, chains: readonly number[]): Block[] {
  const surfaces = new Map<number, number[]>();
  for (const chain of chains) {
    const key = work.chains[chain].jobs.at(-1)?.run ?? -1;
    surfaces.set(key, [...(surfaces.get(key) ?? []), chain]);
  }
  return [...surfaces.values()].map((each) => blockOf(work, each));
}
