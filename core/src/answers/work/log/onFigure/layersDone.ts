import type { RecipeOf } from '../../army/paintNeeded';
import type { Recipe } from '../../../../written/recipe/recipe';
import { asDone, recipeFromLog } from '../asDone';
import type { OnSurface } from './onFigure';
import { partedBy, partOf } from '../ownPart';

/**
 * The layers on one surface of one model below the recipe it is painted by now: every other recipe
 * the log has coats of, as it was really painted, the first one first. Recipes that are gone are
 * taken from the log alone.
 *
 * @throws CarryError
 */
export function layersDone(on: OnSurface, current: Recipe, recipeOf: RecipeOf): Recipe[] {
  const { below } = partedBy(current, on);
  const all = [...[...below.coats.values()].flat(), ...below.extras, ...below.found].sort(
    (one, other) => one.order - other.order,
  );
  return [...new Set(all.map(({ recipeId }) => recipeId))].flatMap((recipeId) => {
    const part = partOf(below, (entry) => entry.recipeId === recipeId);
    const last = all.findLast((entry) => entry.recipeId === recipeId);
    const written = last && recipeOf({ recipeId, version: last.version });
    const done = written ? asDone(written, part, 'left out') : recipeFromLog(part, current.surface);
    return done ? [done] : [];
  });
}
