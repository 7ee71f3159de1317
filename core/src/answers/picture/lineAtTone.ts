import { colourDifference } from '../../light/colour/colourDifference';
import { nearestStop, type ToneStopName } from '../../written/place/toneAxis';
import { aimKeyOf } from '../../written/recipe/aimOf';
import { finishedSurface, type BuildUp } from '../../predicted/buildUp/buildUp';
import type { Recipe } from '../../written/recipe/recipe';

/** The effect of a recipe at a place of the tone axis. */
export interface LineAtTone {
  stop: ToneStopName;
  /** the line that gives the place its look; null where none is seen there */
  stepId: string | null;
  /** how light the place is when it is finished, L* */
  value: number;
}

/** A line that changes a place by less is not seen there, ΔE00. */
const seenFrom = 1;
/** A line is for a tone where it lays so many times there what it lays in the mean. */
const forToneFrom = 1.2;

/**
 * Which line of a recipe is seen at a tone: the last that lays more there than elsewhere, else
 * the one that changes it most. Lines that are aimed otherwise than by tone are left out: a grey does not say
 * which way a place faces.
 *
 * @param tone 0–1
 * @example lineAtTone(recipe, build, 0.66).stop // → 'raised'
 */
export function lineAtTone(
  { steps }: Pick<Recipe, 'steps'>,
  build: BuildUp,
  tone: number,
): LineAtTone {
  const at = build.stops.reduce(
    (best, stop, i) => (Math.abs(stop - tone) < Math.abs(build.stops[best] - tone) ? i : best),
    0,
  );
  const aimed = new Set(steps.filter((step) => aimKeyOf(step) !== '').map(({ id }) => id));
  const seen = build.steps.flatMap(({ stepId, isIncluded, surface, deposit }, line) => {
    const before = line === 0 ? build.ground : build.steps[line - 1].surface;
    const change = colourDifference(before[at], surface[at]);
    if (!isIncluded || aimed.has(stepId) || change < seenFrom) return [];
    const mean = deposit.reduce((sum, each) => sum + each, 0) / deposit.length;
    return [{ stepId, change, isForTone: deposit[at] >= forToneFrom * mean }];
  });
  const most = seen.reduce(
    (best, line) => (line.change > (best?.change ?? 0) ? line : best),
    seen.at(0),
  );
  const line = seen.findLast(({ isForTone }) => isForTone) ?? most;
  return {
    stop: nearestStop(tone).name,
    stepId: line?.stepId ?? null,
    value: finishedSurface(build)[at].value,
  };
}
