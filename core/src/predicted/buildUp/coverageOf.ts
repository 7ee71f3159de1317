import { surfaceColour, type SurfaceColour } from '../../light/colour/surfaceColour';
import { filmOver } from '../../light/optics/filmOver';
import { masstoneOf } from '../../light/optics/masstone';
import type { Optics } from '../../light/optics/optics';
import { toneStops } from '../../written/place/toneAxis';
import { depositAt } from '../../written/recipe/depositAt';
import type { PaintedStep } from '../../written/recipe/paintedSteps';
import { techniqueOf } from '../../written/technique/techniques';
import { coatsToCover, groundShowing, hardestOf, type Coverage } from '../paint/coatsToCover';
import { filmOf } from './applyStep';
import type { SurfacePlace } from './surfacePlace';

/** A place that gets less than this multiple of a coat is in the fade, not meant to be covered. */
export const meantToCover = 0.7;

/**
 * Coats a covering step needs until nothing shows at any named place it is meant to cover: after
 * each coat it is judged where most is still missing. Null for techniques that tint, and for clear
 * mixes.
 *
 * @param below each stop before the step
 * @param masstone what a thick film of the paint looks like, where that was worked out before
 */
export function coverageOf(
  step: PaintedStep,
  paint: Optics,
  below: readonly SurfacePlace[],
  stops: readonly number[],
  masstone?: SurfaceColour,
): Coverage | null {
  if (!techniqueOf(step.technique).covers || paint.scattering.every((s) => s === 0)) return null;
  const covered = stops.flatMap((at, i) => {
    const deposit = depositAt(step, at);
    return deposit >= meantToCover ? [{ at, deposit, ground: below[i] }] : [];
  });
  // A line too narrow to hold a named place is judged where it is.
  const named = covered.filter(({ at }) => toneStops.some((stop) => stop.at === at));
  const judged = named.length > 0 ? named : covered;
  if (judged.length === 0) return null;
  const target = masstone ?? surfaceColour(masstoneOf(paint));
  const film = filmOf(step);
  const seen = new Set<string>();
  const places = judged.flatMap(({ deposit, ground }) => {
    // Places that are alike need alike: most of a surface is.
    const key = `${ground.colour.hex} ${deposit}`;
    if (seen.has(key)) return [];
    seen.add(key);
    const first = surfaceColour(filmOver(ground.reflectance, paint, film * deposit));
    return [{ ground, film: film * deposit, missing: groundShowing(first, target) }];
  });
  const hardest = places.sort((one, other) => other.missing - one.missing).slice(0, hardestTried);
  return hardestOf(
    hardest.map(({ ground, film }) =>
      coatsToCover(paint, ground.reflectance, film, { ground: ground.colour, masstone: target }),
    ),
  );
}

/** Places where most is missing after one coat, which are followed coat by coat. */
const hardestTried = 3;
