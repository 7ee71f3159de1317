import { modelsByPin, type Army, type Unit } from '../army/army';
import { turnOf, workSurfaces } from '../army/surfaces/workSurfaces';
import type { RecipeOf } from '../army/paintNeeded';
import { stepsFor } from '../army/surfaces/stepsFor';
import { shapeOf } from '../../../written/recipe/shapeOf';
import { handsOnMinutes } from './minutes/handsOn';
import { orderOfWork } from './orderOfWork';
import type { OrderedSurface } from './schedule/spillRisk';

/** The surfaces of a unit with their lines, as the order of work sees them; those with a recipe. */
export function orderedSurfaces(army: Army, unit: Unit, recipeOf: RecipeOf): OrderedSurface[] {
  return workSurfaces(unit).flatMap((surface) => {
    const [{ pin }] = modelsByPin(army, unit, surface);
    const recipe = pin && recipeOf(pin);
    if (!recipe) return [];
    const areaCm2 = unit.areaCm2 * surface.share;
    const shape = shapeOf(recipe, surface.form);
    const steps = stepsFor(surface, recipe).map((step) => ({
      step,
      minutes: step.coats * handsOnMinutes(step, areaCm2, shape, recipe.finishLevel),
    }));
    return [{ surface, steps }];
  });
}

/** The place of each surface in the surface-by-surface order with the least risk, from 0. */
export function ranksOf(army: Army, unit: Unit, recipeOf: RecipeOf): Map<string, number> {
  const surfaces = orderedSurfaces(army, unit, recipeOf);
  const { order } = orderOfWork(surfaces, 'surface by surface', ({ surface }) =>
    // An effect over others comes after them.
    surfaces[surface].surface.over ? turnOf(unit, surfaces[surface].surface, { stage: 'base' }) : 0,
  );
  const ids = [...new Set(order.map(({ surface }) => surfaces[surface].surface.id))];
  return new Map(ids.map((id, rank) => [id, rank]));
}
