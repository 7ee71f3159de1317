import { aimKey, directionOf, type Aim } from './aim';
import { acrossOf, upwardsOf, type FormField } from './formField';
import { forms } from './forms';
import { fade, insideStretch } from './placement';
import type { Spot } from './shape';
import { spotWeights } from './spotWeights';

/** Degrees over which what faces a side turns away from it: half inside the angle, half outside. */
const turnsWithin = 30;
/** How broad a line round a part is, in widths of the picture. */
const rimWide = 0.01;

const weightsKept = new WeakMap<FormField, Map<string, Float32Array>>();
const mostKept = 40;

/**
 * How far each place of a form fulfils an aim, 0–1: the weights of all it asks, multiplied. What
 * asks for a spot that is not there, or for a way along a form that has none, is fulfilled nowhere.
 *
 * @param spots of the recipe
 * @returns one figure a cell in front, then as many behind; a form without a back has nothing there
 */
export function aimWeights(field: FormField, aim: Aim, spots: readonly Spot[] = []): Float32Array {
  const spot = aim.spot === undefined ? undefined : spots.find(({ id }) => id === aim.spot);
  const kept = weightsKept.get(field) ?? new Map<string, Float32Array>();
  weightsKept.set(field, kept);
  const key = `${aimKey(aim)} ${JSON.stringify(spot)}`;
  const known = kept.get(key);
  if (known) return known;
  const { ofCoats, ...whole } = aim;
  const weights = ofCoats
    ? meanOf(ofCoats.map((coat) => workOut(field, { ...whole, ...coat }, spot)))
    : workOut(field, aim, spot);
  if (kept.size >= mostKept) kept.clear();
  kept.set(key, weights);
  return weights;
}

/** Of coats that shrink, a place gets the share of them that reach it. */
function meanOf(coats: readonly Float32Array[]): Float32Array {
  return coats[0].map(
    (_, place) => coats.reduce((sum, each) => sum + each[place], 0) / coats.length,
  );
}

function workOut(field: FormField, aim: Aim, spot: Spot | undefined): Float32Array {
  const { inside, size, normalX, normalY, normalZ } = field;
  const { hasBack, along, stands = [0, 1] } = forms[field.form];
  const cells = inside.length;
  const weights = new Float32Array(cells * 2);
  if (aim.spot !== undefined && !spot) return weights;
  const inSpot = spot && spotWeights(field, spot);
  const [lowest, highest] = extentOf(field);
  const direction = aim.facing && directionOf(aim.facing.side, field.light);
  for (let place = 0; place < cells * (hasBack ? 2 : 1); place++) {
    const cell = place % cells;
    if (!inside[cell] || (inSpot && !inSpot[place])) continue;
    let weight = inSpot ? inSpot[place] : 1;
    if (direction && aim.facing) {
      const towards = place < cells ? normalZ[cell] : -normalZ[cell];
      const [x, y, z] = direction;
      const cosine = normalX[cell] * x + normalY[cell] * y + towards * z;
      weight *= facingWeight(cosine, aim.facing.within);
    }
    const v = upwardsOf(cell, size);
    if (aim.along) weight *= along ? insideStretch(along(acrossOf(cell, size), v), aim.along) : 0;
    if (aim.height) {
      const own = (v - lowest) / Math.max(1e-9, highest - lowest);
      weight *= insideStretch(stands[0] + (stands[1] - stands[0]) * own, aim.height);
    }
    if (aim.rim && !isRim(field, cell)) weight = 0;
    weights[place] = weight;
  }
  return weights;
}

/** @param cosine of the angle between a place and the side; @param within degrees, 0–180 */
export function facingWeight(cosine: number, within: number): number {
  if (within >= 180) return 1;
  const angle = (Math.acos(Math.min(1, Math.max(-1, cosine))) * 180) / Math.PI;
  const soft = Math.min(turnsWithin, 2 * within);
  return soft === 0 ? 0 : fade(within - angle, soft);
}

function extentOf({ inside, size }: FormField): readonly [lowest: number, highest: number] {
  const first = inside.indexOf(1);
  const last = inside.lastIndexOf(1);
  return [upwardsOf(last, size), upwardsOf(first, size)];
}

function isRim({ inside, size }: FormField, cell: number): boolean {
  const reach = Math.max(1, Math.round(rimWide * size));
  const column = cell % size;
  const row = Math.floor(cell / size);
  for (let dy = -reach; dy <= reach; dy++)
    for (let dx = -reach; dx <= reach; dx++) {
      if (dx * dx + dy * dy > reach * reach) continue;
      const x = column + dx;
      const y = row + dy;
      if (x < 0 || y < 0 || x >= size || y >= size || !inside[y * size + x]) return true;
    }
  return false;
}
