import { parseHex } from 'culori/fn';
import type { Shape } from '../../written/place/shape';
import { depositAt } from '../../written/recipe/depositAt';
import type { Step } from '../../written/recipe/step';
import { aimKey } from '../../written/place/aim';
import { aimWeights } from '../../written/place/aimWeights';
import { placementsOf } from '../../written/place/shrinking';
import { aimOf } from '../../written/recipe/aimOf';
import { viewOf } from './formView';
import { formField, type FormField } from '../../written/place/formField';

const tones = 256;
/** Ends softer than this are drawn broken. */
const hardUpTo = 0.03;
/** An aim ends where half of it goes on. */
const aimedFrom = 0.5;

export interface GuideAsked {
  shape: Shape;
  step: Step;
  /** colour of the step's mix */
  hex: string;
  /** lower ends of the layers before, on the tone axis */
  nested: readonly number[];
  isBehind?: boolean;
}

/**
 * Where a step goes on: the bare form in greys, the step's colour on what it covers, its ends as
 * lines (broken where they are soft), and the ends of the layers before it as fainter lines inside
 * which it nests. Coats that shrink have an end each.
 *
 * @returns RGBA, `size` × `size`, transparent where there is no surface
 */
export function drawGuide(
  { shape, step, hex, nested, isBehind = false }: GuideAsked,
  size: number,
): Uint8ClampedArray<ArrayBuffer> {
  const field = formField(shape, size);
  const deposit = Float32Array.from({ length: tones }, (_, tone) =>
    Math.min(1, depositAt(step, tone / (tones - 1))),
  );
  const rgb = parseHex(hex);
  if (!rgb) throw new RangeError(`${hex} is no colour`);
  const colour = [rgb.r * 255, rgb.g * 255, rgb.b * 255];
  const pixels = new Uint8ClampedArray(size * size * 4);
  const { softness } = step.placement;
  const coats = step.placement.last ? placementsOf(step.placement, step.coats) : [step.placement];
  const ends = coats.flatMap(({ from, to }) => [from, to]).filter((end) => end > 0 && end < 1);
  const aim = aimOf(step);
  const weights = aimKey(aim) === '' ? null : aimWeights(field, aim, shape.spots);
  const behind = isBehind ? field.inside.length : 0;
  const weightAt = (cell: number) => (weights ? weights[cell + behind] : 1);
  const cellOf = viewOf(field, isBehind ? 'behind' : 'front');
  for (let pixel = 0; pixel < cellOf.length; pixel++) {
    const cell = cellOf[pixel];
    if (cell < 0) continue;
    const grey = 70 + 110 * Math.max(0, 0.75 * field.normalY[cell] + 0.66 * field.normalZ[cell]);
    const weight = weightAt(cell);
    const share = deposit[Math.round(field.tone[cell] * (tones - 1))] * weight;
    const isNested = nested.some((end) => crosses(field, cell, end));
    const isDrawn = softness < hardUpTo || (cell % size) % 7 < 4;
    const isEnd = isDrawn && weight >= aimedFrom && ends.some((end) => crosses(field, cell, end));
    const isAimEnd = weights !== null && endsAt(field, cell, weightAt);
    for (let band = 0; band < 3; band++) {
      const bare = isNested ? grey * 0.55 : grey;
      pixels[pixel * 4 + band] = isEnd || isAimEnd ? 20 : bare + (colour[band] - bare) * share;
    }
    pixels[pixel * 4 + 3] = 255;
  }
  return pixels;
}

/** Whether what an aim takes ends between a cell and the one beside or below it. */
function endsAt(field: FormField, cell: number, weightAt: (cell: number) => number): boolean {
  const isIn = weightAt(cell) >= aimedFrom;
  return neighboursOf(field, cell).some(
    (next) => field.inside[next] && weightAt(next) >= aimedFrom !== isIn,
  );
}

/** Whether a place on the tone axis lies between a cell and the one beside or below it. */
function crosses(field: FormField, cell: number, end: number): boolean {
  const { inside, tone } = field;
  const isAbove = tone[cell] >= end;
  return neighboursOf(field, cell).some((next) => inside[next] && tone[next] >= end !== isAbove);
}

function neighboursOf({ inside, size }: FormField, cell: number): [beside: number, under: number] {
  const beside = cell % size < size - 1 ? cell + 1 : cell;
  const under = cell + size < inside.length ? cell + size : cell;
  return [beside, under];
}
