import { colourDifference } from '../../light/colour/colourDifference';
import type { Spectrum } from '../../light/colour/spectrum';
import { surfaceColour, type SurfaceColour } from '../../light/colour/surfaceColour';
import type { Shelf } from '../../predicted/paint/mixedPaint';
import { aspectOfLine } from '../../predicted/buildUp/aspectsOfRecipe';
import { surfaceBelow } from '../../predicted/buildUp/surfaceBelow';
import { ribbonStops } from '../../written/place/toneAxis';
import { filters } from './filters';
import { layLine } from './layLine';
import { lift } from './lift';
import type { Attempt, Mend, Mishap } from './mishap';
import { passes } from './passes';
import { restores } from './restores';
import { stopsIn } from './stopsIn';

/** Within so much of the plan a place is back on it, ΔE00. */
export const backWithin = 3;
/** Nearer than this nobody will see it on the table, ΔE00. */
export const nobodySees = 2;

/**
 * Ways to mend a mishap, best first: those that bring the place back within 3 ΔE00 of the plan,
 * with mixes that still stand there before others and the quickest first; then the nearest. None
 * that leaves it worse than it is. Where nobody will see it, leaving it comes first. All is judged
 * after the coats of the line that are still to come, which may cover it by themselves.
 *
 * @throws CarryError, UnknownPotError
 */
export function rescue(mishap: Mishap, shelf: Shelf): Mend[] {
  const paintOn = coatsToCome(mishap, shelf);
  const planned = paintOn(plannedAfter(mishap, shelf)).map(surfaceColour);
  const stops = stopsIn(mishap.place);
  const elsewhere = [...ribbonStops.keys()].filter((stop) => !stops.includes(stop));
  const judged = (attempt: Attempt): Mend => {
    const { surface, isOverAll, ...rest } = attempt;
    const after = paintOn(surface).map(surfaceColour);
    // A mend that goes over everything is judged by everything: a place is not mended by spoiling the rest.
    const error = Math.max(
      errorOver(stops, after, planned),
      isOverAll ? errorOver(elsewhere, after, planned) : 0,
    );
    return { ...rest, after, error };
  };
  const asItIs = judged({
    kind: 'leave',
    sentence: '',
    minutes: 0,
    isWet: true,
    surface: mishap.now,
  });
  const leave: Mend = {
    ...asItIs,
    sentence:
      asItIs.error <= nobodySees
        ? 'Leave it: nobody will see it on the table.'
        : 'Leave it: it will be seen.',
  };
  const mends = [
    ...lift(mishap, shelf),
    ...passes(mishap, shelf, stops),
    ...filters(mishap, shelf),
    ...restores(mishap, shelf, stops),
  ]
    .map(judged)
    .filter(({ error }) => error < leave.error);
  const sorted = [...mends, leave].sort(byWorth);
  return leave.error <= nobodySees ? [leave, ...sorted.filter((each) => each !== leave)] : sorted;
}

/** The surface as it is planned after the line. */
export function plannedAfter(
  { recipe, stepId }: Pick<Mishap, 'recipe' | 'stepId'>,
  shelf: Shelf,
): Spectrum[] {
  const index = recipe.steps.findIndex(({ id }) => id === stepId);
  const aspect = aspectOfLine(recipe, shelf, stepId);
  return surfaceBelow(recipe, shelf, recipe.steps.at(index + 1)?.id ?? '', { aspect });
}

/** Lays the coats of the line that are still to come. */
function coatsToCome(
  { recipe, stepId, coatsToCome: coats = 0 }: Mishap,
  shelf: Shelf,
): (surface: readonly Spectrum[]) => readonly Spectrum[] {
  if (coats <= 0) return (surface) => surface;
  return (surface) => layLine(recipe, stepId, coats, surface, shelf);
}

function errorOver(
  stops: readonly number[],
  after: readonly SurfaceColour[],
  planned: readonly SurfaceColour[],
): number {
  const sum = stops.reduce((all, stop) => all + colourDifference(after[stop], planned[stop]), 0);
  return sum / Math.max(1, stops.length);
}

function byWorth(one: Mend, other: Mend): number {
  const isBack = (mend: Mend) => mend.error <= backWithin;
  if (isBack(one) !== isBack(other)) return isBack(one) ? -1 : 1;
  if (!isBack(one)) return one.error - other.error;
  if (one.isWet !== other.isWet) return one.isWet ? -1 : 1;
  return one.minutes - other.minutes || one.error - other.error;
}
