import type { RecipePin } from '../../../written/recipe/recipePin';
import type { Army } from './army';

/**
 * An army whose models that are painted by a recipe as it is now are painted by a version of it
 * instead: whatever becomes of the recipe, they stay what they are.
 *
 * @param version the number of that version
 * @returns the same army where nothing in it is painted so
 */
export function withPinned(army: Army, recipeId: string, version: number): Army {
  let isOther = false;
  const pinned = (pin: RecipePin): RecipePin => {
    if (pin.recipeId !== recipeId || pin.version !== null) return pin;
    isOther = true;
    return { ...pin, version };
  };
  const onIts = <On extends { recipe?: RecipePin | undefined }>(on: On): On =>
    on.recipe ? { ...on, recipe: pinned(on.recipe) } : on;
  const next: Army = {
    ...army,
    scheme: army.scheme.map(onIts),
    units: army.units.map((unit) => ({
      ...unit,
      surfaces: unit.surfaces.map((surface) => ({
        ...onIts(surface),
        ...(surface.variants && { variants: surface.variants.map(pinned) }),
      })),
      ...(unit.own && { own: unit.own.map(onIts) }),
      ...(unit.overs && { overs: unit.overs.map(onIts) }),
    })),
  };
  return isOther ? next : army;
}
