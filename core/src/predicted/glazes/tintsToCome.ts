import { toneStops, type ToneStopName } from '../../written/place/toneAxis';
import { depositAt } from '../../written/recipe/depositAt';
import { flattenMix } from '../../written/recipe/flattenMix';
import { includedSteps } from '../../written/recipe/includedSteps';
import { aimKeyOf } from '../../written/recipe/aimOf';
import type { Recipe } from '../../written/recipe/recipe';
import type { Step } from '../../written/recipe/step';
import { techniqueOf } from '../../written/technique/techniques';
import { laidPaint } from '../paint/laidPaint';
import type { Shelf } from '../paint/mixedPaint';
import { filtersAt, type FilterToCome } from './preCompensate';

/** A covering line, the place where it shows, and the glazes and filters still to come over it; a wash shades, and joins nothing. */
export interface LineToTint {
  step: Step;
  place: ToneStopName;
  filters: FilterToCome[];
}

/** A place with less of a line than this is in its fade. */
const whollyFrom = 0.7;
/** A film as thin as this tints nothing. */
const leastDeposit = 0.05;

/**
 * The covering lines of a recipe that glazes or filters come over, each where most of it
 * shows once all layers are on. Lines that go to one side only are left out, and so is what is
 * covered again.
 *
 * @throws CarryError, UnknownPotError
 */
export function linesToTint(recipe: Recipe, shelf: Shelf): LineToTint[] {
  const painted = includedSteps(recipe);
  return painted.flatMap((step, index): LineToTint[] => {
    if (!isLayer(step)) return [];
    const later = painted.slice(index + 1);
    const place = toneStops
      .filter(({ at }) => depositAt(step, at) >= whollyFrom)
      .find(({ at }) => !later.some((each) => isLayer(each) && depositAt(each, at) >= whollyFrom));
    if (!place) return [];
    const films = later
      .filter(
        (each) =>
          techniqueOf(each.technique).isThinned &&
          aimKeyOf(each) === '' &&
          depositAt(each, place.at) > leastDeposit,
      )
      .map((each) => ({ step: each, paint: paintOf(each, recipe, shelf) }));
    const filters = filtersAt(films, place.at);
    return filters.length === 0 ? [] : [{ step, place: place.name, filters }];
  });
}

const isLayer = (step: Step) => techniqueOf(step.technique).covers && aimKeyOf(step) === '';

function paintOf(step: Step, recipe: Recipe, shelf: Shelf) {
  const index = recipe.steps.findIndex(({ id }) => id === step.id);
  return laidPaint(step.technique, flattenMix(step.mix, recipe.steps.slice(0, index)), shelf);
}
