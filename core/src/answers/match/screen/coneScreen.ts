import { colourOfLab } from '../../../light/colour/colourOfLab';
import type { SurfaceColour } from '../../../light/colour/surfaceColour';
import { kOverSOfMasstone } from '../../../light/optics/masstone';
import { mixMeter, type MixMeter } from './mixMeter';
import type { MatchPot } from '../matchPot';
import { wholeParts } from './wholeParts';
import { wideBands } from './wideBands';

/**
 * A quick look at mixes of three pots before they are measured in full. In three wide bands K and S
 * of a mix are sums, so two paints hit the target where their vectors (strength × distance of K/S
 * from the target's) cancel. The first two pots are taken as the mix they really make, measured in
 * full once for the shelf; only the third is added by the model.
 */
export interface ConeScreen {
  /** distances of each pot's K/S from the target's in the three bands, by strength */
  x: Float64Array;
  y: Float64Array;
  z: Float64Array;
  /** scattering: how much a part of a pot counts */
  weight: Float64Array;
  /** the same distances for the mix of two pots, three figures, as `pairRow` has them */
  row: (i: number) => Float64Array;
  /** the ways two pots are mixed in a row, in order */
  ways: readonly (readonly number[])[];
  /** how far from nothing the sum may be, per weight, to be measured in full */
  tolerance: number;
}

/** About so many mixes are measured in full: a second's worth. More miss fewer best mixes. */
const measuredInFull = 450_000;
const sampled = 30_000;

/** The part of a search that does not depend on the target, kept while the shelf is searched again. */
interface PairTable {
  ways: number[][];
  meter: MixMeter;
  weight: Float64Array;
  pots: Float64Array;
  rows: (Float64Array | undefined)[];
}

const tables = new WeakMap<readonly MatchPot[], Map<number, PairTable>>();

export function coneScreen(
  target: SurfaceColour,
  pots: readonly MatchPot[],
  mostParts: number,
): ConeScreen {
  const table = tableOf(pots, mostParts);
  const wanted = wideBands(target);
  const wantedRatio = wanted.map(kOverSOfMasstone);
  // How much a change of K/S moves what is seen, so that the three bands weigh alike.
  const scale = wanted.map(seenPerKOverS);
  const distances = (ratios: Float64Array, band: number) =>
    Float64Array.from(
      { length: pots.length },
      (_, pot) => table.weight[pot] * (ratios[pot * 3 + band] - wantedRatio[band]) * scale[band],
    );
  const vectors = [0, 1, 2].map((band) => distances(table.pots, band));
  return {
    x: vectors[0],
    y: vectors[1],
    z: vectors[2],
    weight: table.weight,
    ways: table.ways,
    tolerance: toleranceFor(vectors, table.weight, mostParts),
    row(i) {
      const ratios = (table.rows[i] ??= pairRow(i, pots.length, table));
      const row = new Float64Array(ratios.length);
      for (let at = 0; at < ratios.length; at += 3) {
        row[at] = (ratios[at] - wantedRatio[0]) * scale[0];
        row[at + 1] = (ratios[at + 1] - wantedRatio[1]) * scale[1];
        row[at + 2] = (ratios[at + 2] - wantedRatio[2]) * scale[2];
      }
      return row;
    },
  };
}

/**
 * The tolerance that lets about `measuredInFull` mixes through, judged by a sample of them: narrow
 * where many mixes come near the target, wide where few do.
 */
function toleranceFor(
  vectors: readonly Float64Array[],
  weight: Float64Array,
  mostParts: number,
): number {
  const count = weight.length;
  const ways = wholeParts(3, mostParts);
  const mixes = ((count * (count - 1) * (count - 2)) / 6) * ways.length;
  const misses = new Float64Array(sampled);
  let state = 20261125;
  const next = (below: number) => (state = (state * 16807) % 2147483647) % below;
  for (let n = 0; n < sampled; n++) {
    const [i, j, k] = [next(count), next(count), next(count)];
    const [a, b, c] = ways[next(ways.length)];
    const strength = a * weight[i] + b * weight[j] + c * weight[k];
    misses[n] = Math.max(
      ...vectors.map((along) => Math.abs(a * along[i] + b * along[j] + c * along[k]) / strength),
    );
  }
  misses.sort();
  const share = Math.min(1, measuredInFull / mixes);
  return misses[Math.min(sampled - 1, Math.floor(share * sampled))];
}

function tableOf(pots: readonly MatchPot[], mostParts: number): PairTable {
  const known = tables.get(pots) ?? new Map<number, PairTable>();
  tables.set(pots, known);
  const table = known.get(mostParts) ?? {
    ways: wholeParts(2, mostParts - 1),
    meter: mixMeter(
      pots.map(({ optics }) => optics),
      { as: 'masstone' },
    ),
    weight: Float64Array.from(
      pots,
      ({ optics }) => optics.scattering.reduce((sum, s) => sum + s, 0) / optics.scattering.length,
    ),
    pots: new Float64Array(pots.length * 3),
    rows: [],
  };
  if (!known.has(mostParts))
    pots.forEach((_, pot) => writeRatios(table.pots, pot * 3, table.meter, pot, 1, pot, 0));
  known.set(mostParts, table);
  return table;
}

/** K/S in the three bands of every mix of a pot with a later one. */
function pairRow(i: number, count: number, { ways, meter }: PairTable): Float64Array {
  const ratios = new Float64Array((count - i - 1) * ways.length * 3);
  let at = 0;
  for (let j = i + 1; j < count; j++)
    for (const [a, b] of ways) {
      writeRatios(ratios, at, meter, i, a, j, b);
      at += 3;
    }
  return ratios;
}

function writeRatios(
  into: Float64Array,
  at: number,
  meter: MixMeter,
  i: number,
  a: number,
  j: number,
  b: number,
): void {
  meter.measure(i, a, j, b, i, 0);
  const [value, aStar, bStar] = meter.lab;
  const bands = wideBands(colourOfLab(value, aStar, bStar));
  for (let band = 0; band < 3; band++) into[at + band] = kOverSOfMasstone(bands[band]);
}

/** d(R^⅓)/d(K/S) at a reflectance, turned positive. */
function seenPerKOverS(reflects: number): number {
  const kOverS = kOverSOfMasstone(reflects);
  const slope = (1 + kOverS) / Math.sqrt(kOverS * kOverS + 2 * kOverS) - 1;
  return slope / (3 * Math.cbrt(reflects) ** 2);
}
