import { pinOf, type Army, type Unit } from '../army';
import type { RecipeOf } from '../paintNeeded';
import { workSurfaces, type WorkSurface } from './workSurfaces';
import type { Shelf } from '../../../../predicted/paint/mixedPaint';
import type { Recipe } from '../../../../written/recipe/recipe';
import { pinKey } from '../../../../written/recipe/recipePin';
import { formOf } from '../../../../written/recipe/shapeOf';

/** A recipe of a surface of a unit: its own, or one that goes over it. */
export interface Layer {
  surface: WorkSurface;
  recipe: Recipe;
}

/**
 * The recipes that lie on a surface, the lowest first: its own, then what goes over it, in order.
 * Those that are gone are left out.
 *
 * @param model place in the line of the unit, from 1; the unit's own recipes where not said
 */
export function layersOn(
  army: Pick<Army, 'scheme'>,
  unit: Unit,
  surfaceId: string,
  recipeOf: RecipeOf,
  model?: number,
): Layer[] {
  return workSurfaces(unit)
    .filter(({ id, over }) => id === surfaceId || over?.includes(surfaceId))
    .flatMap((surface): Layer[] => {
      const pin = pinOf(army, surface, unit, model);
      const recipe = pin && recipeOf(pin);
      return recipe ? [{ surface, recipe }] : [];
    });
}

/**
 * Recipes as they lie on each other on one surface, with the shelf that knows what each goes onto.
 *
 * @param recipes the lowest first
 * @param own place of the recipe of the surface itself: what lies over it has its form, light and
 *   sections; what lies below it was painted before it was
 */
export function onEachOther(
  recipes: readonly Recipe[],
  shelf: Shelf,
  own = 0,
): { recipes: Recipe[]; shelf: Shelf } {
  if (recipes.length < 2) return { recipes: [...recipes], shelf };
  const surface = recipes[own];
  const { light, sections } = surface;
  const grounds = new Map(shelf.grounds);
  const laid = recipes.map((recipe, layer): Recipe => {
    const onto = layer > 0 && { ground: { recipeId: layerId(layer - 1), version: null } };
    if (layer <= own) return { ...recipe, ...onto };
    const { light: _light, sections: _sections, ...over } = recipe;
    return {
      ...over,
      form: formOf(surface),
      ...(light && { light }),
      ...(sections && { sections }),
      ...onto,
    };
  });
  laid.forEach((recipe, layer) =>
    grounds.set(pinKey({ recipeId: layerId(layer), version: null }), recipe),
  );
  return { recipes: laid, shelf: Object.assign(new Map(shelf), { grounds }) };
}

/** No recipe of a ledger is called so. */
const layerId = (layer: number) => `${layer} layers up`;
