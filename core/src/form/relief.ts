import type { FormName } from '../recipe/formNames';

/**
 * The shape of a form as a relief: `u` runs to the right of the picture, `v` upwards, 0–1 each.
 * Distances are in widths of the picture.
 */
export interface Relief {
  label: string;
  tells: string;
  /** how far the surface stands out towards the eye; null outside the form */
  height: (u: number, v: number) => number | null;
  /**
   * How a painter ranks a place from dark to light, any scale; only the order counts.
   *
   * @param up how far it faces up, −1 to 1
   */
  rank: (u: number, v: number, up: number) => number;
  /** share of the area that is darker than each named stop, pit to point */
  areaBelow: readonly number[];
  /** strokes run this way: an angle from the right, anticlockwise, radians; none where they follow the light */
  grain?: (u: number, v: number) => number;
}

/** @param squareness 2 for an ellipse, more for a pillow */
const dome = (u: number, v: number, width: number, height: number, squareness = 2) => {
  const x = Math.abs(u - 0.5) / width;
  const y = Math.abs(v - 0.5) / height;
  const inside = 1 - x ** squareness - y ** squareness;
  // A little flatter at the rim than a ball, whose last sliver is all edge.
  return inside <= 0 ? null : inside ** 0.7;
};

const ridges = (u: number, v: number) =>
  Math.cos((u + 0.1 * Math.sin(3.1 * v + 0.4)) * Math.PI * 7) * (0.5 + 0.5 * (1 - v));

/** Bundles of strands that part and close again on their way down. */
const strands = (u: number, v: number) => {
  const drift = 0.06 * Math.sin(5 * v) + 0.03 * Math.sin(11 * v + 2);
  const bundle = Math.cos((u + drift) * Math.PI * 9);
  return 0.7 * bundle + 0.3 * Math.cos((u + drift) * Math.PI * 31 + 3 * v);
};

/** Facets of a blade: one each side of a ridge along its middle. */
const bladeWidth = (v: number) => 0.2 * Math.min(1, (1.02 - v) / 0.3);

export const reliefs: Record<FormName, Relief> = {
  folds: {
    label: 'folds',
    tells: 'cloth that hangs: deep valleys, ridges that catch the light',
    height: (u, v) => {
      const body = dome(u, v, 0.46, 0.48, 3);
      return body === null ? null : 0.34 * body + 0.07 * ridges(u, v) * Math.sqrt(body);
    },
    rank: (u, v, up) => 0.62 * ridges(u, v) + 0.55 * up + 0.2 * v,
    areaBelow: [0, 0.1, 0.28, 0.55, 0.76, 0.9, 0.97, 1],
  },
  limb: {
    label: 'rounded limb',
    tells: 'an arm, a face, a helm: everything turns slowly from light to dark',
    height: (u, v) => {
      const round = dome(u, v, 0.4, 0.46);
      return round === null ? null : 0.42 * round;
    },
    rank: (_u, v, up) => up + 0.35 * v,
    areaBelow: [0, 0.08, 0.26, 0.5, 0.72, 0.89, 0.98, 1],
  },
  plate: {
    label: 'flat plate',
    tells: 'armour, a shield, a book: wide flats and sharp edges',
    height: (u, v) => {
      const x = Math.abs(u - 0.5) / 0.4;
      const y = Math.abs(v - 0.5) / 0.42;
      const border = Math.max(x, y);
      if (border > 1) return null;
      const bevel = Math.min(1, (1 - border) / 0.09);
      const rivet = Math.max(0, 1 - (Math.hypot(x - 0.72, y - 0.74) / 0.12) ** 2);
      return 0.12 + 0.07 * bevel + 0.06 * (1 - x * x) + 0.05 * Math.sqrt(rivet);
    },
    rank: (u, v, up) => {
      const border = Math.max(Math.abs(u - 0.5) / 0.4, Math.abs(v - 0.5) / 0.42);
      const isRim = border > 0.93;
      return v + 0.5 * up + (isRim ? 0.9 : 0) + (border > 0.88 && !isRim ? -0.7 : 0);
    },
    areaBelow: [0, 0.06, 0.2, 0.48, 0.72, 0.86, 0.93, 1],
  },
  blade: {
    label: 'blade',
    tells: 'a gradient along each facet, turned about from one to the other',
    height: (u, v) => {
      if (v < 0.03 || v > 0.985) return null;
      const across = Math.abs(u - 0.5) / bladeWidth(v);
      return across > 1 ? null : 0.08 + 0.13 * (1 - across);
    },
    rank: (u, v) => {
      const across = (u - 0.5) / bladeWidth(v);
      const isEdge = Math.abs(across) > 0.93;
      return (across < 0 ? v : 1 - v) + (isEdge ? 1 : 0);
    },
    areaBelow: [0, 0.15, 0.32, 0.5, 0.66, 0.8, 0.9, 1],
  },
  gem: {
    label: 'gem',
    tells: 'dark where the light comes in, a crescent of light opposite, one sparkle',
    height: (u, v) => {
      const round = dome(u, v, 0.4, 0.4);
      return round === null ? null : 0.36 * round;
    },
    rank: (u, v) => {
      const x = (u - 0.5) / 0.4;
      const y = (v - 0.5) / 0.4;
      if (Math.hypot(x + 0.42, y - 0.46) < 0.11) return 9;
      // Light comes in at the upper left and gathers in a crescent at the lower right.
      const towards = (x - y) / Math.SQRT2;
      return towards + 0.45 * Math.hypot(x, y);
    },
    areaBelow: [0, 0.14, 0.34, 0.6, 0.8, 0.9, 0.975, 1],
  },
  hair: {
    label: 'hair or grain',
    tells: 'strands, reeds, wood: lines of light with dark between them',
    height: (u, v) => {
      const body = dome(u, v, 0.45, 0.48, 3);
      return body === null ? null : 0.32 * body + 0.03 * strands(u, v) * Math.sqrt(body);
    },
    rank: (u, v, up) => 0.6 * strands(u, v) + 0.45 * up + 0.25 * v,
    areaBelow: [0, 0.16, 0.36, 0.6, 0.78, 0.9, 0.97, 1],
    grain: (_u, v) => -Math.PI / 2 + 0.3 * Math.cos(5 * v),
  },
};
