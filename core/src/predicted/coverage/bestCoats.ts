import { colourDifference } from '../../light/colour/colourDifference';
import type { SurfaceColour } from '../../light/colour/surfaceColour';
import { ribbonStops } from '../../written/place/toneAxis';
import { aimKeyOf } from '../../written/recipe/aimOf';
import { buildUpOfAim, finishedSurface } from '../buildUp/buildUp';
import { BuildUpPredictor } from '../buildUp/buildUpPredictor';
import type { Shelf } from '../paint/mixedPaint';
import type { Recipe } from '../../written/recipe/recipe';
import type { Step } from '../../written/recipe/step';

const mostCoats = 5;
/** Another coat brings it nearer by at least so much, ΔE00. */
const worthACoat = 0.4;

/** A line, and what it is to look like. */
export interface PlannedLine {
  step: Step;
  /** the place it is meant for, on the tone axis */
  at: number;
  target: SurfaceColour;
}

/**
 * A recipe with more lines after its own, each with the coats after which its place looks most as it is
 * meant to, the fewest of those that do.
 *
 * @throws CarryError, UnknownPotError
 */
export function withBestCoats(recipe: Recipe, lines: readonly PlannedLine[], shelf: Shelf): Recipe {
  const predictor = new BuildUpPredictor();
  const steps: Step[] = [...recipe.steps];
  for (const { step, at, target } of lines) {
    const key = aimKeyOf(step);
    const stop = stopNearest(at);
    const missing = (coats: number) => {
      const tried = { ...recipe, steps: [...steps, { ...step, coats }] };
      const build = predictor.predict(tried, shelf);
      return colourDifference(finishedSurface(buildUpOfAim(build, key))[stop], target);
    };
    let best = { coats: 1, left: missing(1) };
    for (let coats = 2; coats <= mostCoats; coats++) {
      const left = missing(coats);
      if (left > best.left - worthACoat) break;
      best = { coats, left };
    }
    steps.push({ ...step, coats: best.coats });
  }
  return { ...recipe, steps };
}

/** Index of the place of a ribbon that is nearest to one on the tone axis. */
export const stopNearest = (at: number): number =>
  ribbonStops.reduce(
    (best, stop, i) => (Math.abs(stop - at) < Math.abs(ribbonStops[best] - at) ? i : best),
    0,
  );
