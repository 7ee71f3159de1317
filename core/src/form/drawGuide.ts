import { parseHex } from 'culori/fn';
import type { FormName } from '../recipe/formNames';
import { depositAt } from '../recipe/predictBuildUp';
import type { Step } from '../recipe/step';
import { formField, type FormField } from './formField';

const tones = 256;
/** Ends softer than this are drawn broken. */
const hardUpTo = 0.03;

/**
 * Where a step goes on: the bare form in greys, the step's colour on what it covers, its ends as
 * lines (broken where they are soft), and the ends of the layers before it as fainter lines inside
 * which it nests.
 *
 * @param hex colour of the step's mix
 * @param nested lower ends of the layers before, on the tone axis
 * @returns RGBA, `size` × `size`, transparent where there is no surface
 */
export function drawGuide(
  form: FormName,
  step: Step,
  hex: string,
  nested: readonly number[],
  size: number,
): Uint8ClampedArray<ArrayBuffer> {
  const field = formField(form, size);
  const deposit = Float32Array.from({ length: tones }, (_, tone) =>
    Math.min(1, depositAt(step, tone / (tones - 1))),
  );
  const rgb = parseHex(hex);
  if (!rgb) throw new RangeError(`${hex} is no colour`);
  const colour = [rgb.r * 255, rgb.g * 255, rgb.b * 255];
  const pixels = new Uint8ClampedArray(size * size * 4);
  const { from, to, softness } = step.placement;
  const ends = [from, to].filter((end) => end > 0 && end < 1);
  for (let cell = 0; cell < field.inside.length; cell++) {
    if (!field.inside[cell]) continue;
    const grey = 70 + 110 * Math.max(0, 0.75 * field.normalY[cell] + 0.66 * field.normalZ[cell]);
    const share = deposit[Math.round(field.tone[cell] * (tones - 1))];
    const isNested = nested.some((end) => crosses(field, cell, end));
    const isDrawn = softness < hardUpTo || (cell % size) % 7 < 4;
    const isEnd = isDrawn && ends.some((end) => crosses(field, cell, end));
    for (let band = 0; band < 3; band++) {
      const bare = isNested ? grey * 0.55 : grey;
      pixels[cell * 4 + band] = isEnd ? 20 : bare + (colour[band] - bare) * share;
    }
    pixels[cell * 4 + 3] = 255;
  }
  return pixels;
}

/** Whether a place on the tone axis lies between a cell and the one beside or below it. */
function crosses({ inside, tone, size }: FormField, cell: number, end: number): boolean {
  const isAbove = tone[cell] >= end;
  const beside = cell % size < size - 1 ? cell + 1 : cell;
  const under = cell + size < inside.length ? cell + size : cell;
  return [beside, under].some((next) => inside[next] && tone[next] >= end !== isAbove);
}
