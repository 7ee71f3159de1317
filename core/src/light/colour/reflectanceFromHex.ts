import {
  convertLrgbToRgb,
  convertRgbToLrgb,
  convertRgbToXyz65,
  convertXyz65ToRgb,
  parseHex,
} from 'culori/fn';
import { bandCount } from './cieObserver';
import { observerWeights } from './observerWeights';
import { solveLinear } from './solveLinear';
import type { Spectrum } from './spectrum';

/**
 * No surface reflects nothing or everything: linear sRGB figures are kept this far inside 0 and 1.
 * Only swatches with a channel at 0 or 255 are touched, by less than 0.1 ΔE00.
 */
export const linearClamp = 1e-5;
const roundLimit = 60;
const closeEnough = 1e-9;

/**
 * The smoothest reflectance with a given colour: least squared slope of z = artanh(2R − 1) under
 * the three colour constraints, found by Newton's method on 38 + 3 unknowns. Smooth curves are what
 * pigments have, and they mix as pigments do. Kept per swatch, as it costs about a millisecond.
 *
 * @param hex a swatch, sRGB
 * @returns reflectance, 38 bands, each strictly between 0 and 1; shared, do not write to it
 * @throws RangeError when `hex` is no colour
 * @source S. A. Burns, Color Research & Application 45 (2020): "Numerical methods for smoothest
 *   reflectance reconstruction", the hyperbolic-tangent slope method
 */
export function reflectanceFromHex(hex: string): Spectrum {
  const known = reflectanceOfSwatch.get(hex);
  if (known) return known;
  const reflectance = solveReflectance(hex);
  if (reflectanceOfSwatch.size >= swatchesKept) reflectanceOfSwatch.clear();
  reflectanceOfSwatch.set(hex, reflectance);
  return reflectance;
}

/** `reflectanceFromHex` worked out anew each time. */
export function solveReflectance(hex: string): Spectrum {
  return smoothestReflectance(targetXyz(hex));
}

const swatchesKept = 5000;
const reflectanceOfSwatch = new Map<string, Spectrum>();

/**
 * The smoothest reflectance with a colour of any fineness, where a hex would round it. Worked out
 * each time.
 *
 * @param xyz tristimulus values under D65, Y of a perfect white = 1; what lies outside sRGB is taken
 *   to its edge
 */
export function reflectanceFromXyz(xyz: { x: number; y: number; z: number }): Spectrum {
  return smoothestReflectance(targetOf(convertXyz65ToLrgb(xyz)));
}

const convertXyz65ToLrgb = (xyz: { x: number; y: number; z: number }) =>
  convertRgbToLrgb(convertXyz65ToRgb(xyz));

function targetXyz(hex: string): [number, number, number] {
  const rgb = parseHex(hex);
  if (!rgb) throw new RangeError(`${hex} is no colour`);
  return targetOf(convertRgbToLrgb(rgb));
}

function targetOf(linear: { r: number; g: number; b: number }): [number, number, number] {
  const inside = (figure: number) => Math.min(1 - linearClamp, Math.max(linearClamp, figure));
  const clamped = convertLrgbToRgb({
    r: inside(linear.r),
    g: inside(linear.g),
    b: inside(linear.b),
  });
  const { x, y, z } = convertRgbToXyz65(clamped);
  return [x, y, z];
}

function smoothestReflectance(target: readonly number[]): Spectrum {
  const size = bandCount + 3;
  const unknowns = new Float64Array(size);
  const reflectance = new Float64Array(bandCount);
  for (let round = 0; round < roundLimit; round++) {
    const { matrix, right } = newtonSystem(unknowns, target);
    if (right.every((miss) => Math.abs(miss) < closeEnough)) break;
    const change = solveLinear(matrix, right);
    // Far from the answer a whole Newton step can throw z where tanh is flat; shorten it.
    let longest = 0;
    for (let band = 0; band < bandCount; band++)
      longest = Math.max(longest, Math.abs(change[band]));
    const share = Math.min(1, 2 / longest);
    for (let i = 0; i < size; i++) unknowns[i] += share * change[i];
  }
  for (let band = 0; band < bandCount; band++)
    reflectance[band] = (1 + Math.tanh(unknowns[band])) / 2;
  return reflectance;
}

/** Gradient of the Lagrangian (negated, as the right-hand side) and its derivative. */
function newtonSystem(unknowns: Float64Array, target: readonly number[]) {
  const size = bandCount + 3;
  const matrix = new Float64Array(size * size);
  const right = new Float64Array(size);
  const multiplier = unknowns.subarray(bandCount);
  for (let response = 0; response < 3; response++) right[bandCount + response] = target[response];
  for (let band = 0; band < bandCount; band++) {
    const tanh = Math.tanh(unknowns[band]);
    const slope = (1 - tanh * tanh) / 2;
    let pull = 0;
    for (let response = 0; response < 3; response++) {
      const weight = observerWeights[response][band];
      pull += weight * multiplier[response];
      right[bandCount + response] -= (weight * (1 + tanh)) / 2;
      matrix[band * size + bandCount + response] = weight * slope;
      matrix[(bandCount + response) * size + band] = weight * slope;
    }
    const below = band > 0 ? unknowns[band] - unknowns[band - 1] : 0;
    const above = band < bandCount - 1 ? unknowns[band + 1] - unknowns[band] : 0;
    right[band] = -(2 * (below - above) + slope * pull);
    const neighbours = (band > 0 ? 1 : 0) + (band < bandCount - 1 ? 1 : 0);
    matrix[band * size + band] = 2 * neighbours - 2 * tanh * slope * pull;
    if (band > 0) matrix[band * size + band - 1] = -2;
    if (band < bandCount - 1) matrix[band * size + band + 1] = -2;
  }
  return { matrix, right };
}
