import {
  alongPlacement,
  insidePlacement,
  pulledShare,
  type TonePlacement,
} from '../place/placement';

/**
 * How much of a coat a place gets, as a multiple of the technique's film (or, for techniques that
 * touch only a share of the area, that share). Written over the tone axis.
 *
 * @param at place on the tone axis, 0–1
 * @param waterShare of the thinner, 0 (all medium, or neat) to 1 (all water)
 * @returns 0 or more
 */
export type DepositProfile = (at: number, placement: TonePlacement, waterShare: number) => number;

/** The same everywhere inside the placement, a little more where the strokes finish. */
export const evenly =
  (pullStrength: number): DepositProfile =>
  (at, placement) =>
    insidePlacement(at, placement) * pulledShare(at, placement, pullStrength);

/**
 * Runs off what stands up and collects in what lies deep: `deepest` in the pit, falling to
 * `highest` from the middle upwards. Medium holds a wash where it was put, so it pools less.
 */
export const pooling =
  (deepest: number, highest: number, placedOnly: number): DepositProfile =>
  (at, placement, waterShare) => {
    const runs = 0.6 + 0.4 * waterShare;
    const depth = Math.max(0, 1 - at / 0.5);
    const pooled = highest + (deepest - highest) * depth * depth * (3 - 2 * depth);
    const even = (deepest + highest) / 3;
    const inside = insidePlacement(at, placement);
    const outside = placedOnly * (1 - inside);
    return (inside + outside) * (runs * pooled + (1 - runs) * even);
  };

/** Touches only what the bristles catch: a share of the area that rises towards the light. */
export const catching =
  (least: number, most: number, steepness: number): DepositProfile =>
  (at, placement) => {
    const rise = alongPlacement(at, placement) ** steepness;
    const share = (least + (most - least) * rise) * pulledShare(at, placement, 0.3);
    return Math.min(1, insidePlacement(at, placement) * share);
  };

/** Falls from straight above: what faces up gets all of it, what faces down none. */
export const falling: DepositProfile = (at, placement) => {
  const along = alongPlacement(at, placement);
  return insidePlacement(at, placement) * along * along * (3 - 2 * along);
};

/** Fades in over at least this much of the tone axis, as wet paint drawn into wet paint does. */
export const drawnOut =
  (leastSoftness: number): DepositProfile =>
  (at, placement) => {
    const softness = Math.max(leastSoftness, placement.softness);
    return insidePlacement(at, { ...placement, softness }) * pulledShare(at, placement, 0.5);
  };
