import { acrossOf, upwardsOf, type FormField } from './formField';
import { forms, type FormName } from './forms';
import type { ReadySpot } from './forms/form';
import { fade } from './placement';
import type { Spot } from './shape';

/** A disc on a form: its middle, and how far it reaches, in widths and heights of the picture. */
type Disc = ReadySpot['discs'][number] & { isBehind?: boolean | undefined };

/** The ready spot of a form a spot is named after. @example readySpotOf('face', 'Lips')?.name // → 'lips' */
export function readySpotOf(form: FormName, name: string): ReadySpot | undefined {
  const asked = name.trim().toLowerCase();
  return forms[form].spots?.find((ready) => ready.name === asked);
}

/**
 * Where on a form a spot is: the places nearest to where it was put, until its share of the surface
 * is met; half of its fade lies inside that and half outside.
 *
 * @returns 1 inside to 0 outside, in front (one figure a cell) and behind (another as many)
 */
export function spotWeights(field: FormField, spot: Spot): Float32Array {
  const cells = field.inside.length;
  const weights = new Float32Array(cells * 2);
  const { hasBack } = forms[field.form];
  const sides = hasBack ? 2 : 1;
  const discs = discsOf(field, spot);
  const reached: { place: number; far: number; area: number }[] = [];
  let whole = 0;
  for (let place = 0; place < cells * sides; place++) {
    const cell = place % cells;
    if (!field.inside[cell]) continue;
    const u = acrossOf(cell, field.size);
    const v = upwardsOf(cell, field.size);
    const isBehind = place >= cells;
    const far = discs.reduce((least, disc) => {
      const reach = Math.hypot((u - disc.u) / disc.wide, (v - disc.v) / disc.high);
      // Round the rim to the other side only when its own is full.
      return Math.min(least, reach + (isBehind === (disc.isBehind ?? false) ? 0 : 1e6));
    }, Infinity);
    reached.push({ place, far, area: field.area[cell] });
    whole += field.area[cell];
  }
  if (spot.share <= 0) return weights;
  reached.sort((one, other) => one.far - other.far);
  const edge = edgeOf(reached, spot.share * whole);
  for (const { place, far } of reached)
    weights[place] = spot.softness ? fade(edge - far, spot.softness * edge) : Number(far <= edge);
  return weights;
}

/** How far out the nearest places together have so much area; there is always the first of them. */
function edgeOf(nearest: readonly { far: number; area: number }[], wanted: number): number {
  let met = 0;
  let edge = nearest[0].far;
  for (const { far, area } of nearest) {
    if (met + area / 2 > wanted) break;
    met += area;
    edge = far;
  }
  return edge;
}

function discsOf(field: FormField, { name, at }: Spot): readonly Disc[] {
  if (at && at.length > 0) return at.map((mark) => ({ ...mark, wide: 1, high: 1 }));
  const ready = readySpotOf(field.form, name);
  if (ready) return ready.discs;
  const foremost = field.height.reduce(
    (best, height, cell) => (field.inside[cell] && height > field.height[best] ? cell : best),
    field.inside.indexOf(1),
  );
  return [
    {
      u: acrossOf(foremost, field.size),
      v: upwardsOf(foremost, field.size),
      wide: 1,
      high: 1,
    },
  ];
}

/** Share of a form a ready spot usually takes, 0–1: the area its discs cover. */
export function usualShare(field: FormField, { discs }: ReadySpot): number {
  let whole = 0;
  let covered = 0;
  for (let cell = 0; cell < field.inside.length; cell++) {
    if (!field.inside[cell]) continue;
    whole += field.area[cell];
    const u = acrossOf(cell, field.size);
    const v = upwardsOf(cell, field.size);
    if (discs.some((disc) => Math.hypot((u - disc.u) / disc.wide, (v - disc.v) / disc.high) <= 1))
      covered += field.area[cell];
  }
  return covered / (whole * (forms[field.form].hasBack ? 2 : 1));
}
