import { colourDifference } from '../../light/colour/colourDifference';
import type { SurfaceColour } from '../../light/colour/surfaceColour';
import type { BuildUp } from '../buildUp/buildUp';
import { toneStops, type ToneStopName } from '../../written/place/toneAxis';
import { techniqueOf } from '../../written/technique/techniques';
import type { Step } from '../../written/recipe/step';

/** The effect of a line on one place. */
export interface PlaceChange {
  place: ToneStopName;
  before: SurfaceColour;
  after: SurfaceColour;
  /** ΔE00 between the two */
  difference: number;
  /** change of L*, below 0 where it darkens */
  value: number;
  /** change of C*, below 0 where it greys */
  chroma: number;
}

/** Whether a line tints what is below rather than covers it: filters, glazes and washes. */
export function tints(step: Pick<Step, 'technique'>): boolean {
  return techniqueOf(step.technique).tints === true;
}

/**
 * The effect of a line on every named place, before and after.
 *
 * @returns nothing for a line that is left out or not in the build-up
 */
export function changesAt({ stops, ground, steps }: BuildUp, stepId: string): PlaceChange[] {
  const index = steps.findIndex((step) => step.stepId === stepId);
  if (index < 0 || !steps[index].isIncluded) return [];
  const below = index === 0 ? ground : steps[index - 1].surface;
  return toneStops.map(({ name, at }) => {
    const stop = stops.indexOf(at);
    const before = below[stop];
    const after = steps[index].surface[stop];
    return {
      place: name,
      before,
      after,
      difference: colourDifference(before, after),
      value: after.value - before.value,
      chroma: after.chroma - before.chroma,
    };
  });
}
