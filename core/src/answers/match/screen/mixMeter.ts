import { bandCount } from '../../../light/colour/cieObserver';
import { observerWeights } from '../../../light/colour/observerWeights';
import type { Spectrum } from '../../../light/colour/spectrum';
import type { Optics } from '../../../light/optics/optics';

// At hand in the module itself: the inner loops run millions of times.
const bands = bandCount;
const { sqrt, tanh, cbrt } = Math;

/** Where a mix is looked at: thick, or as so many films over a ground. */
export type Looked = { as: 'masstone' } | { as: 'film'; ground: Spectrum; films: number };

/** L*, a, b of a mix, written into `lab`. */
export interface MixMeter {
  readonly lab: Float64Array;
  /** up to three pots by index, with their parts; 0 parts leaves one out */
  measure: (i: number, a: number, j: number, b: number, k: number, c: number) => void;
}

const [weightsX, weightsY, weightsZ] = observerWeights.map((weights) => Float64Array.from(weights));
/** The tristimulus values of perfect white under D65, Y = 1. */
const whiteOf = (weights: Float64Array) => weights.reduce((sum, weight) => sum + weight, 0);
const whiteX = whiteOf(weightsX);
const whiteY = whiteOf(weightsY);
const whiteZ = whiteOf(weightsZ);

/**
 * Measures mixes of the same pots over and over, without making anything new on the way: the inner
 * loop of a search over millions of them. Agrees with `surfaceColour(masstoneOf(mixOptics(…)))`,
 * and for a film with `surfaceColour(filmOver(…))`.
 */
export function mixMeter(pots: readonly Optics[], looked: Looked): MixMeter {
  const absorption = new Float64Array(pots.length * bands);
  const scattering = new Float64Array(pots.length * bands);
  pots.forEach((optics, pot) => {
    absorption.set(optics.absorption, pot * bands);
    scattering.set(optics.scattering, pot * bands);
  });
  return looked.as === 'masstone'
    ? masstoneMeter(absorption, scattering)
    : filmMeter(absorption, scattering, looked.ground, looked.films);
}

function masstoneMeter(absorption: Float64Array, scattering: Float64Array): MixMeter {
  const lab = new Float64Array(3);
  return {
    lab,
    measure(i, a, j, b, k, c) {
      let x = 0;
      let y = 0;
      let z = 0;
      let atI = i * bands;
      let atJ = j * bands;
      let atK = k * bands;
      for (let band = 0; band < bands; band++) {
        // Only K/S counts when thick, so the parts need not add up to 1.
        const absorbs = a * absorption[atI] + b * absorption[atJ] + c * absorption[atK];
        const scatters = a * scattering[atI] + b * scattering[atJ] + c * scattering[atK];
        const sum = scatters + absorbs + sqrt(absorbs * (absorbs + 2 * scatters));
        const reflects = sum > 0 ? scatters / sum : 1;
        x += weightsX[band] * reflects;
        y += weightsY[band] * reflects;
        z += weightsZ[band] * reflects;
        atI++;
        atJ++;
        atK++;
      }
      writeLab(lab, x, y, z);
    },
  };
}

function filmMeter(
  absorption: Float64Array,
  scattering: Float64Array,
  ground: Spectrum,
  films: number,
): MixMeter {
  const lab = new Float64Array(3);
  return {
    lab,
    measure(i, a, j, b, k, c) {
      const total = a + b + c;
      let x = 0;
      let y = 0;
      let z = 0;
      for (let band = 0; band < bands; band++) {
        const atI = i * bands + band;
        const atJ = j * bands + band;
        const atK = k * bands + band;
        const absorbs = (a * absorption[atI] + b * absorption[atJ] + c * absorption[atK]) / total;
        const scatters = (a * scattering[atI] + b * scattering[atJ] + c * scattering[atK]) / total;
        const beta = sqrt(absorbs * (absorbs + 2 * scatters));
        const depth = beta * films;
        const transfer = depth < 1e-7 ? 1 / films : beta / tanh(depth);
        const alpha = scatters + absorbs;
        const below = ground[band];
        const reflects =
          (scatters - below * (alpha - transfer)) / (alpha - below * scatters + transfer);
        x += weightsX[band] * reflects;
        y += weightsY[band] * reflects;
        z += weightsZ[band] * reflects;
      }
      writeLab(lab, x, y, z);
    },
  };
}

function writeLab(lab: Float64Array, x: number, y: number, z: number): void {
  const fx = lightnessOf(x / whiteX);
  const fy = lightnessOf(y / whiteY);
  const fz = lightnessOf(z / whiteZ);
  lab[0] = 116 * fy - 16;
  lab[1] = 500 * (fx - fy);
  lab[2] = 200 * (fy - fz);
}

/** CIE 15:2018, the cube root with its straight piece near black. */
function lightnessOf(ratio: number): number {
  return ratio > 216 / 24389 ? cbrt(ratio) : ((24389 / 27) * ratio + 16) / 116;
}
