import { forms, type FormName } from './forms';
import { litBy, usualLight, type LightDirection } from './light';
import type { Sections, Shape } from './shape';
import { toneStops } from './toneAxis';

/** A form sampled on a square grid, row by row from the top. */
export interface FormField {
  form: FormName;
  light: LightDirection;
  size: number;
  /** 1 where there is surface */
  inside: Uint8Array;
  /** place on the tone axis, 0–1 */
  tone: Float32Array;
  /** how far the surface stands out, in widths of the picture */
  height: Float32Array;
  /** unit normal: to the right, up, towards the eye */
  normalX: Float32Array;
  normalY: Float32Array;
  normalZ: Float32Array;
  /** surface of the cell, in cells seen from the front: 1 where it faces the eye, more where it slants */
  area: Float32Array;
}

const fieldsKept = new Map<string, FormField>();
/** Fields of a picture's size take some megabytes. */
const mostKept = 24;

/**
 * Samples a form. Which places are darker than which comes from its relief and the light it is
 * painted for; how much of the area lies between two named stops is the form's own figure, so that
 * its share of light is met exactly.
 *
 * @param size cells along each side, 8 or more
 */
export function formField({ form, light = usualLight, sections }: Shape, size: number): FormField {
  const key = `${form} ${size} ${light} ${sections?.count} ${sections?.way}`;
  const known = fieldsKept.get(key);
  fieldsKept.delete(key);
  const field = known ?? sample(form, size, light, sections);
  fieldsKept.set(key, field);
  if (fieldsKept.size > mostKept) fieldsKept.delete(fieldsKept.keys().next().value ?? '');
  return field;
}

/** Position of a cell's middle from the left, 0–1. */
export const acrossOf = (cell: number, size: number) => ((cell % size) + 0.5) / size;
/** Position of a cell's middle from the bottom, 0–1. */
export const upwardsOf = (cell: number, size: number) => 1 - (Math.floor(cell / size) + 0.5) / size;

function sample(
  form: FormName,
  size: number,
  light: LightDirection,
  sections: Sections | undefined,
): FormField {
  const { height: heightAt, rank, areaBelow, along, runsAlong } = forms[form];
  const cells = size * size;
  const field: FormField = {
    form,
    light,
    size,
    inside: new Uint8Array(cells),
    tone: new Float32Array(cells),
    height: new Float32Array(cells),
    normalX: new Float32Array(cells),
    normalY: new Float32Array(cells),
    normalZ: new Float32Array(cells),
    area: new Float32Array(cells),
  };
  const places: number[] = [];
  for (let cell = 0; cell < cells; cell++) {
    const z = heightAt(acrossOf(cell, size), upwardsOf(cell, size));
    if (z === null) continue;
    field.inside[cell] = 1;
    field.height[cell] = z;
    places.push(cell);
  }
  const ranks = new Float64Array(places.length);
  places.forEach((cell, place) => {
    const z = field.height[cell];
    const column = cell % size;
    // Beyond the rim the surface falls away.
    const near = (neighbour: number, isOnGrid: boolean) =>
      isOnGrid && field.inside[neighbour] ? field.height[neighbour] : z - 1 / size;
    const slopeX = ((near(cell + 1, column < size - 1) - near(cell - 1, column > 0)) * size) / 2;
    const slopeY =
      ((near(cell - size, cell >= size) - near(cell + size, cell < cells - size)) * size) / 2;
    const length = Math.hypot(slopeX, slopeY, 1);
    field.normalX[cell] = -slopeX / length;
    field.normalY[cell] = -slopeY / length;
    field.normalZ[cell] = 1 / length;
    field.area[cell] = length;
    const u = acrossOf(cell, size);
    const v = upwardsOf(cell, size);
    const lit = litBy(light, u, v, [field.normalX[cell], field.normalY[cell], 1 / length]);
    const run = runOf(along?.(u, v) ?? 0, u, sections);
    const own = rank({ u, v, ...lit, run });
    // A form that has no gradient along it gets one by its sections, over its own light and dark.
    ranks[place] = sections && along && !runsAlong ? own + sectionsOver * run : own;
  });
  const whole = places.reduce((sum, cell) => sum + field.area[cell], 0);
  let below = 0;
  for (const place of orderOf(ranks)) {
    const cell = places[place];
    field.tone[cell] = toneAtShare((below + field.area[cell] / 2) / whole, areaBelow);
    below += field.area[cell];
  }
  return field;
}

const sectionsOver = 3;

/** Where the gradient along a form stands, 0 dark to 1 light: turned about on the other facet. */
function runOf(along: number, u: number, sections: Sections | undefined): number {
  const isOther = u >= 0.5;
  if (!sections) return isOther ? 1 - along : along;
  const inSections = along * sections.count;
  const within = inSections - Math.min(sections.count - 1, Math.floor(inSections));
  if (sections.way === 'mirrored') return 1 - Math.abs(2 * within - 1);
  return sections.way === 'alternating' && isOther ? 1 - within : within;
}

const shelves = 65536;

/** Indexes from the least to the greatest figure, sorted into shelves: a hundred thousand at a go. */
function orderOf(figures: Float64Array): Uint32Array {
  let least = Infinity;
  let most = -Infinity;
  for (const figure of figures) {
    least = Math.min(least, figure);
    most = Math.max(most, figure);
  }
  const scale = most > least ? (shelves - 1) / (most - least) : 0;
  const shelfOf = (index: number) => Math.floor((figures[index] - least) * scale);
  const starts = new Uint32Array(shelves + 1);
  for (let index = 0; index < figures.length; index++) starts[shelfOf(index) + 1]++;
  for (let shelf = 0; shelf < shelves; shelf++) starts[shelf + 1] += starts[shelf];
  const order = new Uint32Array(figures.length);
  for (let index = 0; index < figures.length; index++) order[starts[shelfOf(index)]++] = index;
  return order;
}

/**
 * Place on the tone axis that a share of the area lies below.
 *
 * @param areaBelow share of the area below each named stop, rising from 0 to 1
 */
export function toneAtShare(share: number, areaBelow: readonly number[]): number {
  const next = Math.max(
    1,
    areaBelow.findIndex((below) => below >= share),
  );
  const width = areaBelow[next] - areaBelow[next - 1];
  const along = width > 0 ? (share - areaBelow[next - 1]) / width : 0;
  const low = toneStops[next - 1].at;
  return low + (toneStops[next].at - low) * Math.min(1, Math.max(0, along));
}

/** Share of a form's area darker than a place on the tone axis, 0–1: `toneAtShare` turned about. */
export function shareBelow(tone: number, form: FormName): number {
  const { areaBelow } = forms[form];
  const next = Math.max(
    1,
    toneStops.findIndex(({ at }) => at >= tone),
  );
  const low = toneStops[next - 1].at;
  const along = (tone - low) / (toneStops[next].at - low);
  return areaBelow[next - 1] + (areaBelow[next] - areaBelow[next - 1]) * along;
}
