import type { RecipeOf } from '../army/paintNeeded';
import type { Recipe } from '../recipe/recipe';
import { asDone, recipeFromLog } from './asDone';
import type { CoatEntry } from './entry';
import type { OnSurface } from './onFigure';

/**
 * What lies on one surface of one model below the recipe it is painted by now: every other recipe
 * the log has coats of, as it was really painted, the first one first. Recipes that are gone are
 * taken from the log alone.
 *
 * @throws CarryError
 */
export function layersDone(on: OnSurface, current: Recipe, recipeOf: RecipeOf): Recipe[] {
  const own = new Set(current.steps.map(({ id }) => id));
  const isBelow = ({ recipeId, stepId }: { recipeId: string; stepId: string }) =>
    recipeId !== current.id && !own.has(stepId);
  const coats = [...[...on.coats.values()].flat(), ...on.extras].filter(isBelow);
  const found = on.found.filter(isBelow);
  const all = [...coats, ...found].sort((one, other) => one.order - other.order);
  return [...new Set(all.map(({ recipeId }) => recipeId))].flatMap((recipeId) => {
    const part = partOf(on, recipeId);
    const last = all.findLast((entry) => entry.recipeId === recipeId);
    const written = last && recipeOf({ recipeId, version: last.version });
    const done = written ? asDone(written, part, 'left out') : recipeFromLog(part, current.surface);
    return done ? [done] : [];
  });
}

/** What one recipe has left on a surface. */
function partOf(on: OnSurface, recipeId: string): OnSurface {
  const isOfIt = (entry: { recipeId: string }) => entry.recipeId === recipeId;
  const coats = new Map<string, CoatEntry[]>();
  for (const [stepId, all] of on.coats) {
    const ofIt = all.filter(isOfIt);
    if (ofIt.length > 0) coats.set(stepId, ofIt);
  }
  return {
    ...on,
    coats,
    extras: on.extras.filter(isOfIt),
    found: on.found.filter(isOfIt),
  };
}
