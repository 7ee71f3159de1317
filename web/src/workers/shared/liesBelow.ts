import {
  layersDone,
  stackOn,
  surfaceKey,
  untouched,
  type Army,
  type OnSurface,
  type Recipe,
  type RecipeOf,
  type Unit,
  type WorkSurface,
} from '@yellow-ledger/core';

/** The layers on one surface below its present recipe. */
export interface Below {
  surfaceId: string;
  name: string;
  /** as it was really painted, the lowest first */
  layers: Recipe[];
  /** place of the surface's own recipe among them; after the last where that is painted now */
  own: number;
}

/**
 * The ground of a coat on one model, by the log: an earlier recipe of its surface, and, for
 * what goes over surfaces, all that lies on each of them.
 *
 * @param recipe what is painted now
 * @returns nothing for a surface with nothing on it but its primer
 */
export function liesBelow(
  { army, unit, model }: { army: Army; unit: Unit; model: number },
  { id, name, over = [] }: WorkSurface,
  recipe: Recipe,
  recipeOf: RecipeOf,
  figures: ReadonlyMap<string, OnSurface>,
): Below[] {
  const onOf = (surfaceId: string) =>
    figures.get(surfaceKey(unit.id, surfaceId, model)) ?? untouched();
  const before = layersDone(onOf(id), recipe, recipeOf);
  if (over.length === 0)
    return before.length > 0 ? [{ surfaceId: id, name, layers: before, own: before.length }] : [];
  return unit.surfaces
    .filter((each) => over.includes(each.id))
    .map((covered) => {
      const { layers, own } = stackOn({ army, unit, model, recipeOf, figures }, covered.id, id);
      return { surfaceId: covered.id, name: covered.name, layers: [...layers, ...before], own };
    });
}
