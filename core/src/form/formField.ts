import type { FormName } from '../recipe/formNames';
import { toneStops } from '../recipe/toneAxis';
import { reliefs } from './relief';

/** A form sampled on a square grid, row by row from the top. */
export interface FormField {
  form: FormName;
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
}

const fieldsKept = new Map<string, FormField>();

/**
 * Samples a form. Which places are darker than which comes from its relief; how much of the area
 * lies between two named stops is the form's own figure, so that its share of light is met exactly.
 *
 * @param size cells along each side, 8 or more
 */
export function formField(form: FormName, size: number): FormField {
  const key = `${form} ${size}`;
  const known = fieldsKept.get(key);
  if (known) return known;
  const field = sample(form, size);
  fieldsKept.set(key, field);
  return field;
}

function sample(form: FormName, size: number): FormField {
  const { height: heightAt, rank, areaBelow } = reliefs[form];
  const cells = size * size;
  const field: FormField = {
    form,
    size,
    inside: new Uint8Array(cells),
    tone: new Float32Array(cells),
    height: new Float32Array(cells),
    normalX: new Float32Array(cells),
    normalY: new Float32Array(cells),
    normalZ: new Float32Array(cells),
  };
  const across = (cell: number) => ((cell % size) + 0.5) / size;
  const upwards = (cell: number) => 1 - (Math.floor(cell / size) + 0.5) / size;
  const places: number[] = [];
  for (let cell = 0; cell < cells; cell++) {
    const z = heightAt(across(cell), upwards(cell));
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
    ranks[place] = rank(across(cell), upwards(cell), field.normalY[cell]);
  });
  const order = orderOf(ranks);
  order.forEach((place, index) => {
    field.tone[places[place]] = toneAtShare((index + 0.5) / places.length, areaBelow);
  });
  return field;
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
  const { areaBelow } = reliefs[form];
  const next = Math.max(
    1,
    toneStops.findIndex(({ at }) => at >= tone),
  );
  const low = toneStops[next - 1].at;
  const along = (tone - low) / (toneStops[next].at - low);
  return areaBelow[next - 1] + (areaBelow[next] - areaBelow[next - 1]) * along;
}
