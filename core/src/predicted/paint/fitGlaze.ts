import {
  convertLab65ToXyz65,
  convertLrgbToRgb,
  convertRgbToLrgb,
  convertRgbToXyz65,
  convertXyz65ToRgb,
} from 'culori/fn';
import { reflectanceFromXyz } from '../../light/colour/reflectanceFromHex';
import { solveLinear } from '../../light/colour/solveLinear';
import type { Spectrum } from '../../light/colour/spectrum';
import { colourOfXyz, surfaceColour, type SurfaceColour } from '../../light/colour/surfaceColour';
import { filmOver } from '../../light/optics/filmOver';
import type { Optics } from '../../light/optics/optics';
import type { GlazeCard } from '../../written/pot/glazeCard';
import { hidingOf } from './opticsOfPot';
import { opticsOfTwoColours } from './opticsOfTwoColours';

type Lab = readonly [number, number, number];

/** The reading of one patch of a glaze card. */
export interface GlazeReading {
  /** reflectance of the bare card there, 38 bands */
  ground: Spectrum;
  /** passes of glaze that lie on it; 0 for the one neat coat */
  passes: number;
  lab: Lab;
}

/** The paint and the hand that the readings of a glaze card come to. */
export interface FittedGlaze extends GlazeCard {
  /** mean distance in CIELAB between the readings and what the fit predicts */
  misfit: number;
}

/**
 * Logits of linear red, green and blue of the paint thick, so that no screen colour is left; the same
 * of a neat coat over white; logarithm of the film of a pass.
 */
type Unknowns = number[];
const filmAt = 6;

/** How far a film may be from what is assumed before the readings have to say so: a share of it. */
const filmTrust = 0.6;
/** How near in CIELAB a photograph tells a colour. */
const readWithin = 1.2;
const rounds = 25;
const step = 0.01;
/** Linear light is kept this far inside 0 and 1. */
const inside = 1e-4;

/**
 * The paint and the hand that explain the readings of a glaze card best: what the pot is thick, what
 * one neat coat of it is over white, and the film a pass of glaze leaves. Least squares in CIELAB by
 * Gauss and Newton with damping after Levenberg and Marquardt; the film is held to what is assumed
 * as far as the readings tell nothing of it, as of a paint whose neat coat hides outright.
 *
 * @param readings at least one neat coat, and passes of glaze, over two grounds or more
 * @param assumed films of neat paint that a pass is taken to leave, above 0
 * @throws RangeError where there are fewer than seven readings, or none of a neat coat
 * @source D. W. Marquardt, J. SIAM 11 (1963) 431
 */
export function fitGlaze(readings: readonly GlazeReading[], assumed: number): FittedGlaze {
  const neat = readings.filter(({ passes }) => passes === 0);
  if (neat.length === 0 || readings.length < 7)
    throw new RangeError('a glaze card needs a neat coat and passes over two grounds or more');
  const [lightest, darkest] = [lightestOf(neat), lightestOf(neat, -1)];
  const misses = (unknowns: Unknowns) => missesOf(unknowns, readings, Math.log(assumed));
  let best = {
    unknowns: [...logitsOf(darkest.lab), ...logitsOf(lightest.lab), Math.log(assumed)],
    misses: [] as number[],
    sum: Infinity,
  };
  best.misses = misses(best.unknowns);
  best.sum = squares(best.misses);
  let damping = 1e-2;
  let normal: Float64Array = new Float64Array(0);
  for (let round = 0; round < rounds; round++) {
    const slopes = slopesOf(best.unknowns, best.misses, misses);
    normal = normalOf(slopes);
    const pull = best.unknowns.map((_, i) => -dot(slopes[i], best.misses));
    let moved = false;
    for (let tries = 0; tries < 8 && !moved; tries++) {
      const damped = Float64Array.from(normal, (each, at) =>
        at % (best.unknowns.length + 1) === 0 ? each * (1 + damping) + 1e-9 : each,
      );
      const change = solveLinear(damped, Float64Array.from(pull));
      const unknowns = best.unknowns.map((each, i) => each + change[i]);
      const tried = misses(unknowns);
      const sum = squares(tried);
      if (sum < best.sum) {
        moved = best.sum - sum > 1e-7 * best.sum;
        best = { unknowns, misses: tried, sum };
        damping /= 5;
        if (!moved) round = rounds;
        break;
      }
      damping *= 6;
    }
    if (!moved) break;
  }
  return asCard(best.unknowns, best.misses, normal, assumed);
}

function asCard(
  unknowns: Unknowns,
  misses: readonly number[],
  normal: Float64Array,
  assumed: number,
): FittedGlaze {
  const spread = covarianceOf(normal, unknowns.length);
  const optics = opticsIn(unknowns);
  const distances = Array.from({ length: Math.floor(misses.length / 3) }, (_, at) =>
    Math.hypot(...misses.slice(3 * at, 3 * at + 3)),
  );
  return {
    thick: colourOfXyz(xyzOf(unknowns.slice(0, 3))).hex,
    overWhite: colourOfXyz(xyzOf(unknowns.slice(3, 6))).hex,
    hiding: rounded(Math.min(1, hidingOf(optics, 1))),
    film: rounded(within(0.05, Math.exp(unknowns[filmAt]) / assumed, 20)),
    filmError: rounded(Math.min(10, Math.sqrt(spread[filmAt][filmAt]))),
    colourError: rounded(Math.min(100, colourError(unknowns.slice(3, 6), spread))),
    misfit: distances.reduce((sum, each) => sum + each, 0) / distances.length,
  };
}

/** From the spread of the logits of the coat over white to that of its colour in CIELAB. */
function colourError(logits: Unknowns, spread: readonly number[][]): number {
  const here = labOf(colourOfXyz(xyzOf(logits)));
  const slopes = logits.map((_, i) => {
    const moved = labOf(
      colourOfXyz(xyzOf(logits.map((each, at) => (at === i ? each + step : each)))),
    );
    return moved.map((each, at) => (each - here[at]) / step);
  });
  let variance = 0;
  for (let axis = 0; axis < 3; axis++)
    for (let i = 0; i < 3; i++)
      for (let j = 0; j < 3; j++)
        variance += slopes[i][axis] * spread[3 + i][3 + j] * slopes[j][axis];
  return Math.sqrt(Math.max(0, variance));
}

const labOf = ({ value, a, b }: SurfaceColour): Lab => [value, a, b];

const rounded = (figure: number) => Math.round(1000 * figure) / 1000;
const within = (least: number, figure: number, most: number) =>
  Math.min(most, Math.max(least, figure));

const lightestOf = (readings: readonly GlazeReading[], sign = 1) =>
  [...readings].sort(
    (one, other) => sign * (surfaceColour(other.ground).value - surfaceColour(one.ground).value),
  )[0];

function logitsOf([l, a, b]: Lab): Unknowns {
  const linear = convertRgbToLrgb(convertXyz65ToRgb(convertLab65ToXyz65({ l, a, b })));
  return [linear.r, linear.g, linear.b].map((each) => {
    const light = within(inside, each, 1 - inside);
    return Math.log(light / (1 - light));
  });
}

function xyzOf(logits: Unknowns) {
  const [r, g, b] = logits.map((each) => within(inside, 1 / (1 + Math.exp(-each)), 1 - inside));
  return convertRgbToXyz65(convertLrgbToRgb({ r, g, b }));
}

const opticsIn = (unknowns: Unknowns): Optics =>
  opticsOfTwoColours(
    reflectanceFromXyz(xyzOf(unknowns.slice(0, 3))),
    reflectanceFromXyz(xyzOf(unknowns.slice(3, 6))),
  );

/** How far each reading lies from its prediction, three figures a reading, and the film from what is assumed. */
function missesOf(
  unknowns: Unknowns,
  readings: readonly GlazeReading[],
  assumed: number,
): number[] {
  const optics = opticsIn(unknowns);
  const film = Math.exp(within(-6, unknowns[filmAt], 4));
  const misses = readings.flatMap(({ ground, passes, lab }) => {
    const { value, a, b } = surfaceColour(
      filmOver(ground, optics, passes === 0 ? 1 : passes * film),
    );
    return [value - lab[0], a - lab[1], b - lab[2]];
  });
  // A film as unlikely as this weighs as much as a reading that is off by what a photograph tells.
  misses.push((readWithin * (unknowns[filmAt] - assumed)) / filmTrust);
  return misses;
}

/** The change of every miss with each unknown. */
function slopesOf(
  unknowns: Unknowns,
  misses: readonly number[],
  missesAt: (unknowns: Unknowns) => number[],
): number[][] {
  return unknowns.map((_, i) => {
    const moved = missesAt(unknowns.map((each, at) => (at === i ? each + step : each)));
    return moved.map((miss, at) => (miss - misses[at]) / step);
  });
}

function normalOf(slopes: readonly number[][]): Float64Array {
  const size = slopes.length;
  return Float64Array.from({ length: size * size }, (_, at) =>
    dot(slopes[Math.floor(at / size)], slopes[at % size]),
  );
}

/** σ² N⁻¹ of the normal matrix N, σ being how near a photograph tells a colour. */
function covarianceOf(normal: Float64Array, size: number): number[][] {
  return Array.from({ length: size }, (_, i) => {
    const right = new Float64Array(size);
    right[i] = 1;
    const matrix = Float64Array.from(normal, (each, at) =>
      at % (size + 1) === 0 ? each + 1e-6 : each,
    );
    return [...solveLinear(matrix, right)].map((each) => readWithin * readWithin * each);
  });
}

const dot = (one: readonly number[], other: readonly number[]) =>
  one.reduce((sum, each, at) => sum + each * other[at], 0);
const squares = (figures: readonly number[]) => dot(figures, figures);
