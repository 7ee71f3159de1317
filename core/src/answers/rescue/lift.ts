import type { Spectrum } from '../../light/colour/spectrum';
import { reckonedDryMinutes } from '../work/plan/minutes/dryingTime';
import { handsOnMinutes } from '../work/plan/minutes/handsOn';
import { shapeOf } from '../../written/recipe/shapeOf';
import type { Shelf } from '../../predicted/paint/mixedPaint';
import { layLine } from './layLine';
import { between } from './mishaps/between';
import type { Attempt, Mishap } from './mishap';
import { stopsIn } from './stopsIn';

/** Acrylic can be lifted with a damp brush about so long, minutes. */
export const liftsFor = 3;
/** A damp brush takes up so much of the last stroke, at once and at the end of that time. */
const takesAtOnce = 0.9;
const takesAtTheEnd = 0.4;
/** Rinsing the brush and lifting a few times, minutes. */
const liftMinutes = 1;

/**
 * Taking the last stroke up again while it is wet: what lies below comes back, but for a stain; and
 * the same with the line put on once more.
 */
export function lift(mishap: Mishap, shelf: Shelf): Attempt[] {
  const { before, now, minutesAgo, recipe, stepId, areaCm2, wetMixes } = mishap;
  if (before === null || minutesAgo === null || minutesAgo > liftsFor) return [];
  const takes = takesAtOnce + (takesAtTheEnd - takesAtOnce) * (minutesAgo / liftsFor);
  const says = `about ${Math.round(takes * 100)} % of the stroke comes off, and in ${Math.max(1, Math.round(liftsFor - minutesAgo))} min nothing does`;
  const lifted = now.map((spectrum, stop) => between(spectrum, before[stop], takes));
  const line = recipe.steps.findIndex(({ id }) => id === stepId);
  const step = recipe.steps[line];
  const coats = step.coats;
  const again = handsOnMinutes(step, areaCm2, shapeOf(recipe)) + reckonedDryMinutes(step);
  return [
    {
      kind: 'lift',
      sentence: `Lift it now with a clean damp brush: ${says}.`,
      minutes: liftMinutes,
      isWet: true,
      surface: inPlace(mishap, lifted),
    },
    {
      kind: 'lift',
      sentence: `Lift it now with a clean damp brush (${Math.round(takes * 100)} % comes off), and paint line ${line + 1} there again.`,
      minutes: liftMinutes + coats * again,
      isWet: wetMixes.has(stepId),
      surface: inPlace(mishap, layLine(recipe, stepId, coats, lifted, shelf)),
    },
  ];
}

/** Only the place is painted over: the rest stays as it is now. */
function inPlace({ now, place }: Mishap, painted: readonly Spectrum[]): Spectrum[] {
  const places = stopsIn(place);
  return now.map((spectrum, stop) => (places.includes(stop) ? painted[stop] : spectrum));
}
