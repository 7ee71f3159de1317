import { colourDifference } from '../../light/colour/colourDifference';
import type { Spectrum } from '../../light/colour/spectrum';
import { surfaceColour, type SurfaceColour } from '../../light/colour/surfaceColour';
import { filmOver } from '../../light/optics/filmOver';
import { masstoneOf } from '../../light/optics/masstone';
import type { Optics } from '../../light/optics/optics';

/** A coat covers when no more than this is missing to the masstone, ΔE00: found only beside it. */
export const coveredWithin = 4;
/** Dark paints, L*, and what may be missing to them: over the dark an eye finds patches sooner. */
const dark = { from: 20, to: 40, coveredWithin: 2 };

/** Difference allowed to a paint of this L*, ΔE00: 4, falling to 2 for the darkest. */
export function coveredWithinOf(value: number): number {
  const towardsLight = Math.min(1, Math.max(0, (value - dark.from) / (dark.to - dark.from)));
  return dark.coveredWithin + (coveredWithin - dark.coveredWithin) * towardsLight;
}
/** The most coats anybody paints; beyond it an under-colour is the answer. */
export const mostCoatsTried = 20;
/** How much of being lighter or stronger than the masstone counts as the ground showing. */
const excessCounts = 1 / 3;

export interface Coverage {
  /** coats needed; null when the ground still shows after `mostCoatsTried` */
  coats: number | null;
  /** what is missing before the first, ΔE00 as `groundShowing` counts it */
  missingAtFirst: number;
  /** what is missing after coat 1, 2, 3 …, ΔE00 as `groundShowing` counts it */
  missingAfter: number[];
}

/**
 * How much of the ground an eye finds through a paint: ΔE00 to the masstone, where being lighter
 * and stronger counts a third. A thin yellow over white glows and is taken for covered; over black
 * it is dark, dull and greenish, and is not.
 *
 * @returns ΔE00, 0 when covered
 */
export function groundShowing(surface: SurfaceColour, masstone: SurfaceColour): number {
  const toned = (figure: number, target: number) =>
    figure > target ? target + (figure - target) * excessCounts : figure;
  const chroma = toned(surface.chroma, masstone.chroma);
  const scale = surface.chroma > 0 ? chroma / surface.chroma : 0;
  return colourDifference(
    {
      value: toned(surface.value, masstone.value),
      a: surface.a * scale,
      b: surface.b * scale,
    },
    masstone,
  );
}

/**
 * How many coats until the ground no longer shows, nor after any coat more.
 *
 * @param paint optics of the mix, unthinned
 * @param ground reflectance, 38 bands
 * @param filmPerCoat technique's film × load, above 0
 * @param known what ground and masstone look like, where that was worked out before
 * @throws RangeError when `filmPerCoat` is not above 0
 * @example coatsToCover(yellow, blackGround, 1).coats // → more than over whiteGround
 */
export function coatsToCover(
  paint: Optics,
  ground: Spectrum,
  filmPerCoat: number,
  known: { ground?: SurfaceColour; masstone?: SurfaceColour } = {},
): Coverage {
  if (!(filmPerCoat > 0)) throw new RangeError(`a coat of ${filmPerCoat} films covers nothing`);
  const target = known.masstone ?? surfaceColour(masstoneOf(paint));
  const missingAtFirst = groundShowing(known.ground ?? surfaceColour(ground), target);
  const limit = coveredWithinOf(target.value);
  const missingAfter: number[] = [];
  let covered: number | null = null;
  for (let coats = 1; coats <= mostCoatsTried; coats++) {
    const surface = surfaceColour(filmOver(ground, paint, coats * filmPerCoat));
    const missing = groundShowing(surface, target);
    missingAfter.push(missing);
    if (missing > limit) covered = null;
    else covered ??= coats;
    // A first coat that glows can be followed by one that shows more; near the masstone none is.
    if (covered !== null && missing <= limit * settledFrom) break;
  }
  return { coats: covered, missingAtFirst, missingAfter };
}

/** Below this share of what may be missing, more coats only bring it nearer. */
const settledFrom = 0.5;

/** Whether there is anything to cover: a coat of the colour that is there already hides nothing. */
export const hasToCover = ({ missingAtFirst }: Coverage): boolean => missingAtFirst > coveredWithin;

/**
 * The coverage of several places together: after each coat as it is where most is missing.
 *
 * @param places one or more
 */
export function hardestOf(places: readonly Coverage[]): Coverage {
  if (places.length === 1) return places[0];
  const longest = Math.max(...places.map(({ missingAfter }) => missingAfter.length));
  return {
    coats: places.reduce<number | null>(
      (most, { coats }) => (most === null || coats === null ? null : Math.max(most, coats)),
      0,
    ),
    missingAtFirst: Math.max(...places.map(({ missingAtFirst }) => missingAtFirst)),
    missingAfter: Array.from({ length: longest }, (_, coat) =>
      Math.max(...places.map(({ missingAfter }) => missingAfter[coat] ?? 0)),
    ),
  };
}
