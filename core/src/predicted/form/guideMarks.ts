import { forms } from '../../written/place/forms';
import type { Shape } from '../../written/place/shape';
import type { SurfaceName } from '../../written/technique/surfaceNames';
import type { Step } from '../../written/recipe/step';
import { aimKey } from '../../written/place/aim';
import { aimWeights } from '../../written/place/aimWeights';
import { aimOf } from '../../written/recipe/aimOf';
import { techniqueOf } from '../../written/technique/techniques';
import { formField, type FormField } from '../../written/place/formField';

/** A place in the picture: from the left and from the top, 0–1. */
export type PicturePoint = readonly [number, number];

/** Something drawn over a guide. */
export type GuideMark =
  | {
      kind: 'stroke';
      points: PicturePoint[];
      /** the end is where the stroke finishes */ hasArrow: boolean;
    }
  | { kind: 'dot'; at: PicturePoint };

const fieldSize = 96;
const strokeLength = 22;

/**
 * The strokes of a step on a form: arrows that finish where its pigment is to collect, lines along
 * the grain of hair and wood and the fall of muscle and cloth, irregular scratches for wear, dots
 * for points. The same each time.
 */
export function guideMarks(shape: Shape, step: Step, surface?: SurfaceName): GuideMark[] {
  const field = formField(shape, fieldSize);
  const { placement, technique } = step;
  const aim = aimOf(step);
  const weights = aimKey(aim) === '' ? null : aimWeights(field, aim, shape.spots);
  const cells = cellsWithin(field, placement.from, placement.to).filter(
    (cell) => !weights || weights[cell] >= 0.5,
  );
  const random = seeded(shape.form.length * 31 + Math.round(placement.from * 1000));
  const { grain, grainIsFaint } = forms[shape.form];
  const { marks } = techniqueOf(technique);
  if (marks === 'dots') return dotsAt(field, cells);
  const isAlong = surface === 'skin' || surface === 'cloth';
  if (marks === 'lines' && (grain || !isAlong))
    return grain
      ? alongGrain(field, spread(cells, 46, random), grain, random)
      : scratches(field, spread(cells, 26, random), random);
  // Hair and wood are worked along their grain, whichever way the light runs.
  if (grain && !grainIsFaint) return alongGrain(field, spread(cells, 24, random), grain, random);
  if (placement.pull === 'even' && marks !== 'lines') return [];
  const uphill = placement.pull === 'up' ? 1 : -1;
  return spread(cells, 60, random)
    .map((cell) => alongLight(field, cell, uphill, placement.from, placement.to))
    .filter(({ points }) => points.length > 5)
    .sort((one, other) => other.points.length - one.points.length)
    .reduce<Extract<GuideMark, { kind: 'stroke' }>[]>(
      (chosen, mark) => (chosen.every((each) => isApart(each, mark)) ? [...chosen, mark] : chosen),
      [],
    )
    .slice(0, 8);
}

function cellsWithin({ inside, tone }: FormField, from: number, to: number): number[] {
  const cells: number[] = [];
  for (let cell = 0; cell < inside.length; cell++)
    if (inside[cell] && tone[cell] >= from && tone[cell] <= to) cells.push(cell);
  return cells;
}

function spread(cells: readonly number[], count: number, random: () => number): number[] {
  if (cells.length === 0) return [];
  return Array.from({ length: count }, (_, i) => {
    const at = Math.floor(((i + random()) / count) * cells.length);
    return cells[Math.min(cells.length - 1, at)];
  });
}

/** Follows the light from a place, up or down the tone axis, until it leaves the placement. */
function alongLight(field: FormField, cell: number, uphill: number, from: number, to: number) {
  const { size } = field;
  let x = cell % size;
  let y = Math.floor(cell / size);
  let headingX = 0;
  let headingY = 0;
  const points: PicturePoint[] = [[x / size, y / size]];
  for (let step = 0; step < strokeLength; step++) {
    const [slopeX, slopeY] = slopeAt(field, Math.round(x), Math.round(y));
    const length = Math.hypot(slopeX, slopeY);
    if (length < 1e-4) break;
    const [towardsX, towardsY] = [(uphill * slopeX) / length, (uphill * slopeY) / length];
    // On a ridge the slope turns about: there the stroke ends.
    if (step > 0 && headingX * towardsX + headingY * towardsY < 0.2) break;
    // A hand does not turn at once.
    headingX = step === 0 ? towardsX : 0.75 * headingX + 0.25 * towardsX;
    headingY = step === 0 ? towardsY : 0.75 * headingY + 0.25 * towardsY;
    x += headingX;
    y += headingY;
    const next = Math.round(y) * size + Math.round(x);
    const isWithin = field.inside[next] && field.tone[next] >= from && field.tone[next] <= to;
    if (!isWithin) break;
    points.push([x / size, y / size]);
  }
  return { kind: 'stroke' as const, points, hasArrow: true };
}

/** Slope of the tone over a wide neighbourhood, so that a stroke runs smoothly. */
function slopeAt({ size, inside, tone }: FormField, column: number, row: number): [number, number] {
  let slopeX = 0;
  let slopeY = 0;
  const here = row * size + column;
  for (let dy = -3; dy <= 3; dy++)
    for (let dx = -3; dx <= 3; dx++) {
      const x = column + dx;
      const y = row + dy;
      if (x < 0 || y < 0 || x >= size || y >= size) continue;
      const cell = y * size + x;
      const rise = inside[cell] ? tone[cell] - tone[here] : 0;
      slopeX += dx * rise;
      slopeY += dy * rise;
    }
  return [slopeX, slopeY];
}

function alongGrain(
  { size, inside }: FormField,
  cells: readonly number[],
  grain: (u: number, v: number) => number,
  random: () => number,
): GuideMark[] {
  return cells.map((cell) => {
    let x = (cell % size) / size;
    let y = Math.floor(cell / size) / size;
    const points: PicturePoint[] = [[x, y]];
    const length = 6 + Math.floor(8 * random());
    for (let step = 0; step < length; step++) {
      const angle = grain(x, 1 - y);
      x += 0.014 * Math.cos(angle);
      y -= 0.014 * Math.sin(angle);
      if (!inside[Math.round(y * size) * size + Math.round(x * size)]) break;
      points.push([x, y]);
    }
    return { kind: 'stroke', points, hasArrow: false };
  });
}

/** Short, crooked, at every angle: what use leaves on leather and paint. */
function scratches(
  { size }: FormField,
  cells: readonly number[],
  random: () => number,
): GuideMark[] {
  return cells.map((cell) => {
    const x = (cell % size) / size;
    const y = Math.floor(cell / size) / size;
    const angle = random() * Math.PI;
    const length = 0.02 + 0.05 * random();
    const bend = angle + 0.7 * (random() - 0.5);
    return {
      kind: 'stroke',
      hasArrow: false,
      points: [
        [x, y],
        [x + length * Math.cos(angle), y + length * Math.sin(angle)],
        [
          x + length * Math.cos(angle) + 0.6 * length * Math.cos(bend),
          y + length * Math.sin(angle) + 0.6 * length * Math.sin(bend),
        ],
      ],
    };
  });
}

/** The lightest places that are well apart from each other. */
function dotsAt({ size, tone }: FormField, cells: readonly number[]): GuideMark[] {
  const chosen: PicturePoint[] = [];
  for (const cell of [...cells].sort((one, other) => tone[other] - tone[one])) {
    const at: PicturePoint = [(cell % size) / size, Math.floor(cell / size) / size];
    if (chosen.every(([x, y]) => Math.hypot(x - at[0], y - at[1]) > 0.16)) chosen.push(at);
    if (chosen.length === 4) break;
  }
  return chosen.map((at) => ({ kind: 'dot', at }));
}

function isApart(
  one: Extract<GuideMark, { kind: 'stroke' }>,
  other: Extract<GuideMark, { kind: 'stroke' }>,
): boolean {
  const middle = ({ points }: typeof one) => points[Math.floor(points.length / 2)];
  const [x, y] = middle(one);
  const [otherX, otherY] = middle(other);
  return Math.hypot(x - otherX, y - otherY) > 0.12;
}

/** A small generator of evenly spread figures, 0–1: the guide of a step is the same each time. */
function seeded(seed: number): () => number {
  let state = seed >>> 0;
  return () => {
    state = (Math.imul(state, 1664525) + 1013904223) >>> 0;
    return state / 2 ** 32;
  };
}
