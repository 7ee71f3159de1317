import { groundsBelow } from './onGround';
import { potOn, type Shelf } from '../paint/mixedPaint';
import type { Recipe } from '../../written/recipe/recipe';
import { pinKey } from '../../written/recipe/recipePin';

/**
 * The ground of a recipe, in a painter's words.
 *
 * @throws UnknownPotError
 * @example groundWords(sign, shelf) // → 'Oilskin, version 2'
 */
export function groundWords(recipe: Recipe, shelf: Shelf): string {
  const primer = potOn(shelf, recipe.groundPotId).name;
  const pin = recipe.ground;
  if (!pin) return primer;
  const below = shelf.grounds?.get(pinKey(pin));
  if (!below || groundsBelow(recipe, shelf).grounds.length === 0)
    return `${primer}, as what it goes onto is gone`;
  return pin.version === null
    ? `${below.name}, as it is now`
    : `${below.name}, version ${pin.version}`;
}
