import { greyByteOf } from './greyValue';
import { wayUp, type LightField } from './lightField';
import type { LightMapSettings } from './lightMapSettings';

/** Of the way from one value to the next, so much is blended where steps are soft. */
const blended = 0.7;

/**
 * Which of so many values a place has.
 *
 * @param way from darkest to lightest, 0–1
 * @returns from 0, the darkest
 * @example valueAt(0.5, 5) // → 2
 */
export const valueAt = (way: number, values: number): number =>
  Math.min(values - 1, Math.floor(way * values));

/** The darkest and the lightest value as they are drawn, L*: all of them are told apart at a glance. */
const drawnDarkest = 12;
const drawnLightest = 96;

/**
 * How light each of so many values is drawn, of whatever it is a map.
 *
 * @returns L*, the darkest first
 */
export const valueGreys = (values: number): number[] =>
  Array.from(
    { length: values },
    (_, index) => drawnDarkest + ((drawnLightest - drawnDarkest) * index) / (values - 1),
  );

/**
 * A photograph laid out in a few greys.
 *
 * @returns RGBA, of the size of the field; transparent where it is left out
 */
export function inValues(
  field: LightField,
  { values, steps }: Pick<LightMapSettings, 'values' | 'steps'>,
): Uint8ClampedArray<ArrayBuffer> {
  const { value, darkest, lightest } = field;
  const greys = valueGreys(values);
  const bytes = new Uint8ClampedArray(value.length * 4);
  for (let pixel = 0; pixel < value.length; pixel++) {
    if (Number.isNaN(value[pixel])) continue;
    const way = wayUp(value[pixel], darkest, lightest);
    const grey = greyByteOf(
      steps === 'hard' ? greys[valueAt(way, values)] : softly(way * values, greys),
    );
    bytes.fill(grey, pixel * 4, pixel * 4 + 3);
    bytes[pixel * 4 + 3] = 255;
  }
  return bytes;
}

/** Between two values, the borders blended. @param at in steps from the darkest */
function softly(at: number, greys: readonly number[]): number {
  const border = Math.round(at);
  if (border < 1 || border > greys.length - 1) return greys[Math.min(greys.length - 1, border)];
  const across = Math.min(1, Math.max(0, (at - border) / blended + 0.5));
  return greys[border - 1] + (greys[border] - greys[border - 1]) * across;
}

/** How much of what counts lies in each value, the darkest first; together 1, or 0 where nothing counts. */
export function sharesInValues(field: LightField, values: number): number[] {
  const { value, darkest, lightest } = field;
  const counts = new Array<number>(values).fill(0);
  let all = 0;
  for (const each of value) {
    if (Number.isNaN(each)) continue;
    counts[valueAt(wayUp(each, darkest, lightest), values)]++;
    all++;
  }
  return counts.map((count) => (all === 0 ? 0 : count / all));
}
