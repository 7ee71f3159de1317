import {
  pinKey,
  pinOf,
  versionSchema,
  type Army,
  type Recipe,
  type RecipePin,
  type Version,
} from '@yellow-ledger/core';
import { z } from 'zod';
import { fetchRecipes } from './listWork';

/** The recipes an army is painted by, as they are pinned. */
export interface ArmyRecipes {
  recipeOf: (pin: RecipePin) => Recipe | undefined;
  /** every pin of the army, each once */
  pins: RecipePin[];
  /** the recipes as they are now, by id */
  now: ReadonlyMap<string, Recipe>;
  /** every frozen version of the recipes that are pinned */
  versions: readonly Version[];
  names: Record<string, string>;
  /** lines of recipes by `recipe line`, from 1 */
  lineNumbers: Record<string, number>;
}

const versionsSchema = z.object({ items: z.array(versionSchema) });

/** Fetches what an army is painted by. */
export async function fetchArmyRecipes(army: Army): Promise<ArmyRecipes> {
  const now = new Map((await fetchRecipes()).map(({ content }) => [content.id, content] as const));
  const pins = pinsOf(army);
  const versions = await versionsOf(pins.map(({ recipeId }) => recipeId));
  const frozen = new Map(
    versions.map(({ recipeId, number, content }) => [
      pinKey({ recipeId, version: number }),
      content,
    ]),
  );
  const recipeOf = (pin: RecipePin) =>
    pin.version === null ? now.get(pin.recipeId) : frozen.get(pinKey(pin));
  const used = pins.flatMap((pin) => recipeOf(pin) ?? []);
  return {
    recipeOf,
    pins,
    now,
    versions,
    names: Object.fromEntries(used.map(({ id, name }) => [id, name])),
    lineNumbers: Object.fromEntries(
      used.flatMap(({ id, steps }) =>
        steps.map((step, index) => [`${id} ${step.id}`, index + 1] as const),
      ),
    ),
  };
}

function pinsOf(army: Army): RecipePin[] {
  const all = army.units.flatMap((unit) => [
    ...unit.surfaces.flatMap((surface) => [pinOf(army, surface), ...(surface.variants ?? [])]),
    ...(unit.own ?? []).map(({ recipe }) => recipe),
  ]);
  const byKey = new Map(all.flatMap((pin) => (pin ? [[pinKey(pin), pin] as const] : [])));
  return [...byKey.values()];
}

/** The versions of recipes, each recipe's asked for once. */
async function versionsOf(recipeIds: readonly string[]): Promise<Version[]> {
  const lists = await Promise.all(
    [...new Set(recipeIds)].map(async (id) => {
      const response = await fetch(`/api/recipes/${encodeURIComponent(id)}/versions`);
      // A recipe that was deleted has none; whoever shows the army says that it is gone.
      if (response.status === 404) return [];
      if (!response.ok) throw new Error('The ledger’s server did not give a recipe’s versions.');
      return versionsSchema.parse(await response.json()).items;
    }),
  );
  return lists.flat();
}
