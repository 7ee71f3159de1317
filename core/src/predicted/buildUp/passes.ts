import { colourDifference } from '../../light/colour/colourDifference';
import type { Spectrum } from '../../light/colour/spectrum';
import { surfaceColour, type SurfaceColour } from '../../light/colour/surfaceColour';
import type { Optics } from '../../light/optics/optics';
import { depositOf, layOver } from './applyStep';
import type { Thinning } from '../../written/mix/mix';
import { mostCoats, type Step } from '../../written/recipe/step';

/** ΔE00 from one pass to the next that an eye still finds, side by side. */
const seenFrom = 1;
/** A colour this near, ΔE00, is taken for the same. */
const reachedWithin = 2;
/** Parts of thinner to 1 part of paint that are tried to make grounds look alike. */
const thinningsTried = [1, 2, 3, 4, 6, 8, 10, 12];

/** One place, pass by pass. */
export interface Passes {
  /** the place before the line */
  before: SurfaceColour;
  /** after pass 1, 2, 3 …, dry */
  after: SurfaceColour[];
  /** passes after which another is not seen; null where it still is at the most anybody lays */
  settledAfter: number | null;
}

/**
 * The look of a place with each pass of a line, and when another no longer shows.
 *
 * @param paint optics of the mix, unthinned
 * @param ground reflectance of the place before the line, 38 bands
 * @param at place on the tone axis, 0–1
 */
export function passesAt(step: Step, paint: Optics, ground: Spectrum, at: number): Passes {
  const before = surfaceColour(ground);
  const one = depositOf({ ...step, coats: 1 }, paint, at);
  const after: SurfaceColour[] = [];
  let surface = ground;
  let settledAfter: number | null = null;
  for (let pass = 1; pass <= mostCoats; pass++) {
    const last = surfaceColour(surface);
    surface = layOver(surface, paint, one);
    const now = surfaceColour(surface);
    after.push(now);
    if (settledAfter === null && colourDifference(last, now) < seenFrom) settledAfter = pass - 1;
  }
  return { before, after, settledAfter };
}

/** How to bring one ground near a colour with a line’s paint. */
export interface PassesToward {
  passes: number;
  thinning: Thinning;
  surface: SurfaceColour;
  /** ΔE00 to the target */
  error: number;
  /** near enough to be taken for it */
  isReached: boolean;
}

/**
 * The passes and the thinning that bring a ground nearest to a colour; fewer passes where they do
 * as well. Thinned with what the line is thinned with.
 *
 * @param ground reflectance, 38 bands
 * @param at place on the tone axis, 0–1, where the line lays something
 */
export function passesToward(
  target: SurfaceColour,
  step: Step,
  paint: Optics,
  ground: Spectrum,
  at: number,
): PassesToward {
  const isWater = step.mix.waterParts > step.mix.mediumParts;
  const asItIs = surfaceColour(ground);
  let best: PassesToward = {
    passes: 0,
    thinning: { waterParts: step.mix.waterParts, mediumParts: step.mix.mediumParts },
    surface: asItIs,
    error: colourDifference(asItIs, target),
    isReached: false,
  };
  for (const parts of thinningsTried) {
    const thinning: Thinning = isWater
      ? { waterParts: parts, mediumParts: 0 }
      : { waterParts: 0, mediumParts: parts };
    const thinned = { ...step, mix: { ...step.mix, ...thinning } };
    passesAt(thinned, paint, ground, at).after.forEach((surface, index) => {
      const error = colourDifference(surface, target);
      const passes = index + 1;
      const isBetter =
        error < best.error - 0.2 || (error < best.error + 0.2 && passes < best.passes);
      if (isBetter) best = { passes, thinning, surface, error, isReached: false };
    });
  }
  return { ...best, isReached: best.error <= reachedWithin };
}
