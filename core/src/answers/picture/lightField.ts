import { greyValueOf } from './greyValue';
import { backgroundOf } from './backgroundOf';
import type { CutOut } from './lightMapSettings';
import type { Pixels } from './pixels';

/** How light a photographed surface is, place by place. */
export interface LightField {
  width: number;
  height: number;
  /** L* of each pixel, 0–100; NaN where it is left out */
  value: Float32Array;
  /** L* below which the darkest fiftieth of what counts lies */
  darkest: number;
  /** L* above which the lightest fiftieth lies */
  lightest: number;
  /** of the picture that counts, 0–1 */
  share: number;
}

/** Glints, dust and dead pixels are neither the darkest nor the lightest of a surface. */
const ignoredAtEnds = 0.02;
/** With less of the picture left, what was taken for background was the figure as well. */
const leastLeft = 0.02;
const visibleFrom = 128;

/**
 * A photograph in greys.
 *
 * @param withoutBackground what is like the rim and hangs together with it does not count; where
 *   hardly anything would be left, all of it counts
 */
export function lightField(pixels: Pixels, withoutBackground: boolean): LightField {
  const { width, height, data } = pixels;
  const count = width * height;
  const background = withoutBackground ? backgroundOf(pixels) : null;
  const value = new Float32Array(count);
  let left = 0;
  for (let pixel = 0; pixel < count; pixel++) {
    const isSeen = data[pixel * 4 + 3] >= visibleFrom && !background?.[pixel];
    if (isSeen) left++;
    value[pixel] = isSeen
      ? greyValueOf(data[pixel * 4], data[pixel * 4 + 1], data[pixel * 4 + 2])
      : NaN;
  }
  if (background && left < leastLeft * count) return lightField(pixels, false);
  const [darkest, lightest] = endsOf(value);
  return { width, height, value, darkest, lightest, share: count === 0 ? 0 : left / count };
}

/**
 * Where what counts of a picture lies.
 *
 * @returns shares of its width and height, from the upper left corner; null where all of it counts
 */
export function figureIn({ width, height, value, share }: LightField): CutOut | null {
  if (share >= 1) return null;
  let [left, top, right, bottom] = [width, height, 0, 0];
  for (let pixel = 0; pixel < value.length; pixel++) {
    if (Number.isNaN(value[pixel])) continue;
    const x = pixel % width;
    const y = Math.floor(pixel / width);
    left = Math.min(left, x);
    top = Math.min(top, y);
    right = Math.max(right, x + 1);
    bottom = Math.max(bottom, y + 1);
  }
  return { left: left / width, top: top / height, right: right / width, bottom: bottom / height };
}

/** Counted in tenths of an L*, so that a large picture need not be sorted. */
const bins = 1001;

function endsOf(value: Float32Array): [darkest: number, lightest: number] {
  const counts = new Uint32Array(bins);
  let all = 0;
  for (const each of value)
    if (!Number.isNaN(each)) {
      counts[Math.round(each * 10)]++;
      all++;
    }
  const quantile = (share: number) => {
    let before = 0;
    for (let bin = 0; bin < bins; bin++) {
      before += counts[bin];
      if (before > share * all) return bin / 10;
    }
    return 100;
  };
  return all === 0 ? [0, 100] : [quantile(ignoredAtEnds), quantile(1 - ignoredAtEnds)];
}

/**
 * How far a value lies from the darkest of a surface to its lightest, 0–1; the middle where all of
 * it is equally light.
 */
export function wayUp(value: number, darkest: number, lightest: number): number {
  if (lightest - darkest < 0.05) return 0.5;
  return Math.min(1, Math.max(0, (value - darkest) / (lightest - darkest)));
}
