/** A named small area a form has of itself: discs, in widths and heights of the picture. */
export interface ReadySpot {
  name: string;
  /** what painters mostly do to it: redden it, darken it, put a light in it */
  asks?: 'warm' | 'dark' | 'light';
  /** how broad the fade at its edge usually is, as a share of its size */
  softness?: number;
  discs: readonly { u: number; v: number; wide: number; high: number }[];
}

/** A place of a form, as its ranking asks about it. `u` runs to the right, `v` upwards, 0–1 each. */
export interface RankedPlace {
  u: number;
  v: number;
  /** how far it faces the light, −1 to 1 */
  facing: number;
  /** how near it is to the light, 0–1 */
  nearer: number;
  /** across the light's way, 0–1 */
  across: number;
  /** where a gradient that runs along the form stands here, 0 dark to 1 light */
  run: number;
}

/**
 * All there is to say of a kind of form, as a relief: `u` runs to the right of the picture, `v`
 * upwards, 0–1 each. Distances are in widths of the picture.
 */
export interface Form {
  /** its place in lists, from 1 */
  listedAt: number;
  label: string;
  tells: string;
  /** how far the surface stands out towards the eye; null outside the form */
  height: (u: number, v: number) => number | null;
  /** how a painter ranks a place from dark to light, any scale; only the order counts */
  rank: (place: RankedPlace) => number;
  /** share of the area that is darker than each named stop, pit to point */
  areaBelow: readonly number[];
  /** strokes run this way: an angle from the right, anticlockwise, radians; none where they follow the light */
  grain?: (u: number, v: number) => number;
  /** grain that lines follow and other strokes do not */
  grainIsFaint?: true;
  /** from 0 at its root to 1 at its tip; none where it has neither */
  along?: (u: number, v: number) => number;
  /** what its root and its tip are called */
  ends?: readonly [root: string, tip: string];
  /** its own gradient runs along it, so sections divide that one */
  runsAlong?: true;
  /** which part of a figure it stands for, 0 feet to 1 crown; the whole where not said */
  stands?: readonly [low: number, high: number];
  /** it goes on behind as in front; else nobody paints its back */
  hasBack?: true;
  spots?: readonly ReadySpot[];
  /** layers of a gradient on it are each half as large as the one before; else they fall evenly */
  halves?: true;
}

export const form = (facts: Form): Form => facts;

/** @param squareness 2 for an ellipse, more for a pillow; null outside */
export const dome = (
  u: number,
  v: number,
  width: number,
  height: number,
  squareness = 2,
  middle: readonly [number, number] = [0.5, 0.5],
): number | null => {
  const x = Math.abs(u - middle[0]) / width;
  const y = Math.abs(v - middle[1]) / height;
  const inside = 1 - x ** squareness - y ** squareness;
  // A little flatter at the rim than a ball, whose last sliver is all edge.
  return inside <= 0 ? null : inside ** 0.7;
};

/** A soft swelling: 1 at its middle, nothing from its rim on. */
export const swelling = (
  u: number,
  v: number,
  at: readonly number[],
  wide: number,
  high: number,
) => {
  const far = ((u - at[0]) / wide) ** 2 + ((v - at[1]) / high) ** 2;
  return far >= 1 ? 0 : (1 - far) ** 2;
};
