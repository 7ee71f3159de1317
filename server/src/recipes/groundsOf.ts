import { mostGrounds, pinKey, type Recipe, type Version } from '@yellow-ledger/core';

/** Reads recipes and their versions: as they are stored, or as they are open to whoever asks. */
export interface RecipeReader {
  /** null where it is gone, or not seen */
  recipe(id: string): Promise<Recipe | null>;
  /** oldest first; none where the recipe is not seen */
  versionsOf(id: string): Promise<Version[]>;
}

/** The grounds of a recipe, and their grounds, by the keys of their pins; deleted ones are left out. */
export async function groundsOf(recipe: Recipe, read: RecipeReader): Promise<Map<string, Recipe>> {
  const grounds = new Map<string, Recipe>();
  let pin = recipe.ground;
  while (pin && !grounds.has(pinKey(pin)) && grounds.size <= mostGrounds) {
    const { recipeId, version } = pin;
    const below: Recipe | null | undefined =
      version === null
        ? await read.recipe(recipeId)
        : (await read.versionsOf(recipeId)).find(({ number }) => number === version)?.content;
    if (!below) break;
    grounds.set(pinKey(pin), below);
    pin = below.ground;
  }
  return grounds;
}

/** A recipe with all it stands on, as it goes into a file: recipes, and versions where one names one. */
export async function withGrounds(
  recipe: Recipe,
  read: RecipeReader,
): Promise<{ recipes: Recipe[]; versions: Version[] }> {
  const keys = [...(await groundsOf(recipe, read)).keys()];
  const ids = new Set(keys.map((key) => key.split(' ')[0]).filter((id) => id !== recipe.id));
  const recipes = [recipe];
  const versions: Version[] = [];
  for (const id of ids) {
    const below = await read.recipe(id);
    if (below) recipes.push(below);
    if (keys.some((key) => key.startsWith(`${id} `) && !key.endsWith(' now')))
      versions.push(...(await read.versionsOf(id)));
  }
  return { recipes, versions };
}
