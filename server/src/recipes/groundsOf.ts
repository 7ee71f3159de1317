import { mostGrounds, pinKey, type Recipe, type Version } from '@yellow-ledger/core';
import type { Knex } from 'knex';
import type { Ledger } from '../db/ledger';

/** What a recipe stands on, and what that stands on, by the keys of their pins; what is gone is left out. */
export async function groundsOf(
  recipe: Recipe,
  { records, versions }: Pick<Ledger, 'records' | 'versions'>,
  within?: Knex.Transaction,
): Promise<Map<string, Recipe>> {
  const grounds = new Map<string, Recipe>();
  let pin = recipe.ground;
  while (pin && !grounds.has(pinKey(pin)) && grounds.size <= mostGrounds) {
    const { recipeId, version } = pin;
    const below: Recipe | undefined =
      version === null
        ? (await records.recipes.get(recipeId, within))?.content
        : (await versions.list(recipeId, within)).find(({ number }) => number === version)?.content;
    if (!below) break;
    grounds.set(pinKey(pin), below);
    pin = below.ground;
  }
  return grounds;
}

/** A recipe with all it stands on, as it goes into a file: recipes, and versions where one names one. */
export async function withGrounds(
  recipe: Recipe,
  ledger: Pick<Ledger, 'records' | 'versions'>,
): Promise<{ recipes: Recipe[]; versions: Version[] }> {
  const keys = [...(await groundsOf(recipe, ledger)).keys()];
  const ids = new Set(keys.map((key) => key.split(' ')[0]).filter((id) => id !== recipe.id));
  const recipes = [recipe];
  const versions: Version[] = [];
  for (const id of ids) {
    const kept = await ledger.records.recipes.get(id);
    if (kept) recipes.push(kept.content);
    if (keys.some((key) => key.startsWith(`${id} `) && !key.endsWith(' now')))
      versions.push(...(await ledger.versions.list(id)));
  }
  return { recipes, versions };
}
