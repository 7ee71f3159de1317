import { filmOf } from '../buildUp/applyStep';
import type { Spectrum } from '../../light/colour/spectrum';
import { surfaceColour, type SurfaceColour } from '../../light/colour/surfaceColour';
import { filmOver } from '../../light/optics/filmOver';
import { masstoneOf } from '../../light/optics/masstone';
import type { Optics } from '../../light/optics/optics';
import { coatsToCover, coveredWithinOf, groundShowing } from '../paint/coatsToCover';
import { depositAt } from '../../written/recipe/depositAt';
import { meantToCover } from '../buildUp/coverageOf';
import { mostCoats, type Step } from '../../written/recipe/step';
import { techniqueOf } from '../../written/technique/techniques';
import { toneStops, type ToneStopName } from '../../written/place/toneAxis';

/** How a covering step fares at one named place. */
export interface PlaceCoverage {
  place: ToneStopName;
  /** coats needed here; null when the ground still shows after the most anybody paints */
  coats: number | null;
  /** the surface after coat 1, 2, 3 …, dry, up to what is needed or written */
  after: SurfaceColour[];
  /** what is missing to the paint's own colour with the coats written, ΔE00 */
  missing: number;
  isCovered: boolean;
}

/**
 * Coats a covering step needs on what lies below it, place by place, and what each coat looks like.
 *
 * @param below reflectance at each stop before the step
 * @param stops places on the tone axis that hold every named stop
 * @returns the places the step is meant to cover; none for a technique that tints
 */
export function coverageByPlace(
  step: Step,
  paint: Optics,
  below: readonly Spectrum[],
  stops: readonly number[],
): PlaceCoverage[] {
  const { covers } = techniqueOf(step.technique);
  if (!covers || paint.scattering.every((s) => s === 0)) return [];
  const masstone = surfaceColour(masstoneOf(paint));
  return toneStops.flatMap(({ name, at }) => {
    const deposit = depositAt(step, at);
    if (deposit < meantToCover) return [];
    const ground = below[stops.indexOf(at)];
    const filmHere = filmOf(step) * deposit;
    const { coats } = coatsToCover(paint, ground, filmHere);
    const shown = Math.min(mostCoats, Math.max(coats ?? mostCoats, step.coats));
    const after = Array.from({ length: shown }, (_, i) =>
      surfaceColour(filmOver(ground, paint, filmHere * (i + 1))),
    );
    const missing = groundShowing(after[step.coats - 1], masstone);
    return [
      { place: name, coats, after, missing, isCovered: missing <= coveredWithinOf(masstone.value) },
    ];
  });
}
