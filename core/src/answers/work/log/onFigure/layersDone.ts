import type { RecipeOf } from '../../army/paintNeeded';
import type { Recipe } from '../../../../written/recipe/recipe';
import { asDone, recipeFromLog } from '../asDone';
import type { OnSurface } from './onFigure';
import { entriesOf, partedBy, partOf } from '../ownPart';

/**
 * The layers on one surface of one model below what was painted last by its present recipe: each
 * stretch of work by one recipe, as it was really painted, the first one first. A recipe that was left
 * and gone back to has a layer for each time. Recipes that are gone are taken from the log alone.
 *
 * @throws CarryError
 */
export function layersDone(on: OnSurface, current: Recipe, recipeOf: RecipeOf): Recipe[] {
  const own = new Set(entriesOf(partedBy(current, on).own).map(({ id }) => id));
  const recipeIdOf = (entry: Noted) => (own.has(entry.id) ? current.id : entry.recipeId);
  const stretches: Noted[][] = [];
  for (const entry of entriesOf(on)) {
    const stretch = stretches.at(-1);
    if (stretch && recipeIdOf(stretch[0]) === recipeIdOf(entry)) stretch.push(entry);
    else stretches.push([entry]);
  }
  const top = stretches.at(-1);
  if (top && recipeIdOf(top[0]) === current.id) stretches.pop();
  return stretches.flatMap((stretch) => {
    const ids = new Set(stretch.map(({ id }) => id));
    const part = partOf(on, ({ id }) => ids.has(id));
    const last = stretch[stretch.length - 1];
    const isOwn = own.has(last.id);
    const written = isOwn ? current : recipeOf({ recipeId: last.recipeId, version: last.version });
    const done = written ? asDone(written, part, 'left out') : recipeFromLog(part, current.surface);
    return done ? [done] : [];
  });
}

type Noted = ReturnType<typeof entriesOf>[number];
