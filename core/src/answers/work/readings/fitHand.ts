import { colourDifference } from '../../../light/colour/colourDifference';
import { colourOfLab } from '../../../light/colour/colourOfLab';
import type { Shelf } from '../../../predicted/paint/mixedPaint';
import { potOn } from '../../../predicted/paint/mixedPaint';
import type { Recipe } from '../../../written/recipe/recipe';
import { withFilm } from '../../../written/lines/withFilm';
import type { Lab } from './controlChart';
import { labsOf } from './explainDrift';
import { placeKey, type ReadPlace } from './readPlace';

/** Readings of one model, beside its painted layers. */
export interface ReadAsDone {
  /** as it was really painted */
  recipe: Recipe;
  places: readonly ReadPlace[];
  labs: readonly Lab[];
}

/** A figure that brings the predictions nearer to the readings. */
export interface Fit {
  value: number;
  /** mean ΔE00 between readings and predictions, with the figure used so far and with this one */
  before: number;
  after: number;
  readings: number;
}

/** How thick a hand's film may be, as a multiple of the usual one. */
const films = [0.4, 2.5] as const;
const hidings = [0.02, 0.98] as const;

/**
 * The thickness of a painter's film that fits the readings best.
 *
 * @param used the factor the predictions have had so far
 * @throws RangeError without readings; CarryError, UnknownPotError
 */
export function fitFilm(read: readonly ReadAsDone[], shelf: Shelf, used = 1): Fit {
  const errorWith = (factor: number) =>
    meanError(read, (recipe, places) => labsOf(withFilm(recipe, factor), shelf, places));
  return fitted(read, errorWith, films, used);
}

/**
 * The hiding of one pot that fits the readings best.
 *
 * @throws RangeError without readings; CarryError, UnknownPotError
 */
export function fitHiding(read: readonly ReadAsDone[], shelf: Shelf, potId: string, film = 1): Fit {
  const pot = potOn(shelf, potId);
  const errorWith = (hiding: number) => {
    const tried = new Map(shelf).set(potId, { ...pot, hiding });
    return meanError(read, (recipe, places) => labsOf(withFilm(recipe, film), tried, places));
  };
  return fitted(read, errorWith, hidings, pot.hiding);
}

function meanError(
  read: readonly ReadAsDone[],
  predict: (recipe: Recipe, places: readonly ReadPlace[]) => Lab[],
): number {
  const known = new Map<Recipe, Map<string, Lab[]>>();
  let sum = 0;
  let count = 0;
  for (const { recipe, places, labs } of read) {
    const key = places.map(placeKey).join();
    const ofRecipe = known.get(recipe) ?? new Map<string, Lab[]>();
    const predicted = ofRecipe.get(key) ?? predict(recipe, places);
    known.set(recipe, ofRecipe.set(key, predicted));
    labs.forEach((lab, i) => {
      sum += colourDifference(colourOfLab(...lab), colourOfLab(...predicted[i]));
      count++;
    });
  }
  return sum / count;
}

const coarseSteps = 24;
const fineSteps = 14;

/** Least error over a range: a coarse look at all of it, then ever closer around the best. */
function fitted(
  read: readonly ReadAsDone[],
  errorWith: (value: number) => number,
  [low, high]: readonly [number, number],
  used: number,
): Fit {
  const readings = read.reduce((sum, { labs }) => sum + labs.length, 0);
  if (readings === 0) throw new RangeError('there are no readings to learn from');
  const before = errorWith(used);
  const step = (high - low) / coarseSteps;
  let best = { value: used, error: before };
  const look = (value: number) => {
    const error = errorWith(value);
    if (error < best.error) best = { value, error };
  };
  for (let i = 0; i <= coarseSteps; i++) look(low + i * step);
  for (let i = 0, width = step / 2; i < fineSteps; i++, width /= 2) {
    const { value } = best;
    if (value - width >= low) look(value - width);
    if (value + width <= high) look(value + width);
  }
  return { value: best.value, before, after: best.error, readings };
}
