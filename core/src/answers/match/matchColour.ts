import { hueApart } from '../../light/colour/hueApart';
import { colourDifference } from '../../light/colour/colourDifference';
import { colourOfLab } from '../../light/colour/colourOfLab';
import type { SurfaceColour } from '../../light/colour/surfaceColour';
import { coneScreen, type ConeScreen } from './screen/coneScreen';
import { lookAround, type Consider, type FoundMix } from './screen/lookAround';
import type { MatchPot } from './matchPot';
import { mixMeter, type Looked, type MixMeter } from './screen/mixMeter';
import { tripleWaysOf, type TripleWay } from './screen/tripleWays';
import { wholeParts } from './screen/wholeParts';

export interface MatchLimits {
  /** 1 to 3 */
  mostPots: 1 | 2 | 3;
  /** largest sum of whole parts, 2 to 12 */
  mostParts: number;
  looked: Looked;
}

/** A mix found for a colour. */
export interface MatchedMix {
  parts: { potId: string; parts: number }[];
  colour: SurfaceColour;
  /** ΔE00 to the target */
  error: number;
  /** L* of the mix less the target's */
  valueError: number;
  /** degrees from the target's hue, −180 to 180; 0 where either is nearly grey */
  hueError: number;
}

/** A search that is done a slice at a time, so that it can be shown, shared out and stopped. */
export interface Matcher {
  /** slices in all; the first looks at single pots and pairs */
  slices: number;
  run: (slice: number) => void;
  /**
   * To be called once the slices are through: looks around the best of what was screened, as the
   * screen may have passed over a near neighbour of theirs.
   */
  refine: () => void;
  /** the best so far: a few for each number of pots, nearest first */
  best: () => MatchedMix[];
}

/** Shelves up to this size are searched mix by mix; larger ones are screened first. */
export const screenedFrom = 101;
const givenOfEach = 4;
/** Triples kept to look around; only the best few of them are given. */
const keptTriples = 24;
const pairSlices = 4;
/** About so many mixes make a slice, a few hundredths of a second. */
const mixesPerSlice = 2_000_000;
/** Pairs of the nearest single pots come first, so that there is something to show at once. */
const triedFirst = 12;

/**
 * Prepares the search for the mixes of whole parts of one, two or three pots that come nearest to
 * a colour.
 *
 * Up to 100 pots every mix is measured. From 101 on three pots are first screened by a model of
 * three wide bands, in which a mix is a sum of vectors (`coneScreen`); what comes near there is
 * measured in full.
 *
 * @param pots none gives a matcher that finds nothing
 */
export function matchColour(
  target: SurfaceColour,
  pots: readonly MatchPot[],
  { mostPots, mostParts, looked }: MatchLimits,
): Matcher {
  const meter = mixMeter(
    pots.map(({ optics }) => optics),
    looked,
  );
  const found = [bestList(givenOfEach), bestList(givenOfEach), bestList(keptTriples)];
  const consider = considering(target, meter, found);
  const isScreened = mostPots === 3 && pots.length >= screenedFrom && looked.as === 'masstone';
  // Prepared only when triples are looked at: the first answer does not wait for it.
  let screen: ConeScreen | null = null;
  const pairWays = wholeParts(2, mostParts);
  const tripleWays = tripleWaysOf(mostParts);
  const firsts = mostPots === 3 ? slicesOf(pots.length, tripleWays.length) : [];

  return {
    slices: 1 + (mostPots >= 2 ? pairSlices : 0) + firsts.length,
    run(slice) {
      if (slice === 0) return quickLook();
      if (slice <= pairSlices) {
        for (let i = slice - 1; i < pots.length; i += pairSlices)
          for (let j = i + 1; j < pots.length; j++)
            for (const [a, b] of pairWays) consider(2, i, a, j, b, i, 0);
        return;
      }
      const [from, to] = firsts[slice - 1 - pairSlices];
      if (isScreened) screen ??= coneScreen(target, pots, mostParts);
      for (let i = from; i < to; i++)
        if (screen) screenedTriples(i, pots.length, tripleWays, screen, consider);
        else
          for (let j = i + 1; j < pots.length; j++)
            for (let k = j + 1; k < pots.length; k++)
              for (const { a, b, c } of tripleWays) consider(3, i, a, j, b, k, c);
    },
    refine() {
      if (isScreened) lookAround(found[2].mixes, pots.length, tripleWays, consider);
    },
    best: () =>
      found
        .flatMap(({ mixes }) => mixes.slice(0, givenOfEach))
        .map(({ at, error }) => mixOf(at, error))
        .sort((one, other) => one.error - other.error),
  };

  /** Every pot alone, and pairs of the nearest: a good answer before anything is searched. */
  function quickLook(): void {
    const { lab } = meter;
    const apart = pots.map((_, i) => {
      consider(1, i, 1, i, 0, i, 0);
      return Math.hypot(lab[0] - target.value, lab[1] - target.a, lab[2] - target.b);
    });
    if (mostPots < 2) return;
    const nearest = [...apart.keys()]
      .sort((one, other) => apart[one] - apart[other])
      .slice(0, triedFirst)
      .sort((one, other) => one - other);
    for (const [index, i] of nearest.entries())
      for (const j of nearest.slice(index + 1))
        for (const [a, b] of pairWays) consider(2, i, a, j, b, i, 0);
  }

  function mixOf(at: readonly number[], error: number): MatchedMix {
    const [i, a, j, b, k, c] = at;
    meter.measure(i, a, j, b, k, c);
    const colour = colourOfLab(meter.lab[0], meter.lab[1], meter.lab[2]);
    const isGrey = colour.chroma < 3 || target.chroma < 3;
    return {
      parts: [
        [i, a],
        [j, b],
        [k, c],
      ].flatMap(([pot, parts]) => (parts > 0 ? [{ potId: pots[pot].potId, parts }] : [])),
      colour,
      error,
      valueError: colour.value - target.value,
      hueError: isGrey ? 0 : hueApart(target.hue, colour.hue),
    };
  }
}

interface BestList {
  mixes: FoundMix[];
  /** error of the last that is kept; without a full list anything counts */
  worst: number;
  kept: number;
}

const bestList = (kept: number): BestList => ({ mixes: [], worst: Infinity, kept });

function considering(target: SurfaceColour, meter: MixMeter, found: readonly BestList[]): Consider {
  const { lab } = meter;
  return (pots, i, a, j, b, k, c) => {
    const list = found[pots - 1];
    meter.measure(i, a, j, b, k, c);
    // Square roots by hand: Math.hypot guards against overflow and takes several times as long.
    const dl = lab[0] - target.value;
    const da = lab[1] - target.a;
    const db = lab[2] - target.b;
    const plain = Math.sqrt(dl * dl + da * da + db * db);
    const chroma = Math.max(target.chroma, Math.sqrt(lab[1] * lab[1] + lab[2] * lab[2]));
    if (plain * leastShareAt(chroma) >= list.worst) return;
    const error = colourDifference({ value: lab[0], a: lab[1], b: lab[2] }, target);
    if (error >= list.worst) return;
    if (
      list.mixes.some(
        ({ at }) =>
          at[0] === i && at[2] === j && at[4] === k && at[1] === a && at[3] === b && at[5] === c,
      )
    )
      return;
    list.mixes.push({ at: [i, a, j, b, k, c], error });
    list.mixes.sort((one, other) => one.error - other.error);
    list.mixes.length = Math.min(list.kept, list.mixes.length);
    if (list.mixes.length === list.kept) list.worst = list.mixes[list.kept - 1].error;
  };
}

/**
 * ΔE00 is at least this share of the plain distance in Lab: its weights divide the parts of the
 * distance by no more than 1 + 0.045 C or 1.75, and its rotation takes off a little more.
 */
function leastShareAt(chroma: number): number {
  return 0.8 / Math.max(1.75, 1 + 0.045 * chroma);
}

/** The loop that runs a hundred million times: three sums and three comparisons, nothing else. */
function screenedTriples(
  i: number,
  count: number,
  ways: readonly TripleWay[],
  { x, y, z, weight, tolerance, row, ways: pairWays }: ConeScreen,
  consider: Consider,
): void {
  const pairs = row(i);
  for (let j = i + 1; j < count; j++)
    for (const { a, b, c, pairWay } of ways) {
      const at = ((j - i - 1) * pairWays.length + pairWay) * 3;
      const strength = a * weight[i] + b * weight[j];
      const baseX = strength * pairs[at];
      const baseY = strength * pairs[at + 1];
      const baseZ = strength * pairs[at + 2];
      const base = strength * tolerance;
      const most = c * tolerance;
      for (let k = j + 1; k < count; k++) {
        const near = base + most * weight[k];
        const dx = baseX + c * x[k];
        if (dx > near || dx < -near) continue;
        const dy = baseY + c * y[k];
        if (dy > near || dy < -near) continue;
        const dz = baseZ + c * z[k];
        if (dz > near || dz < -near) continue;
        consider(3, i, a, j, b, k, c);
      }
    }
}

/** First pots of the triples, dealt out so that each slice has about as much to do. */
function slicesOf(count: number, ways: number): [number, number][] {
  const slices: [number, number][] = [];
  let from = 0;
  let mixes = 0;
  for (let i = 0; i < count - 2; i++) {
    mixes += (((count - i - 1) * (count - i - 2)) / 2) * ways;
    if (mixes < mixesPerSlice && i < count - 3) continue;
    slices.push([from, i + 1]);
    from = i + 1;
    mixes = 0;
  }
  return slices;
}
