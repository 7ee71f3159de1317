import {
  groundRefusal,
  groundsBelow,
  pinKey,
  shelfOf,
  type Kept,
  type Recipe,
} from '@yellow-ledger/core';
import type { Knex } from 'knex';
import type { RecordStore } from '../db/recordStore';
import { Problem } from '../http/problem';
import type { VersionStore } from '../versions/versionStore';
import { groundsOf } from './groundsOf';

/**
 * Refuses a recipe that is put onto something that is painted on top of it.
 *
 * @throws Problem
 */
export async function refuseCircle(
  recipe: Recipe,
  before: Kept<Recipe> | null,
  recipes: Pick<RecordStore<Recipe>, 'get'>,
  versions: Pick<VersionStore, 'list'>,
  within: Knex.Transaction,
): Promise<void> {
  if (!recipe.ground) return;
  const shelf = shelfOf(
    [],
    await groundsOf(recipe, {
      recipe: async (id) => (await recipes.get(id, within))?.content ?? null,
      versionsOf: (id) => versions.list(id, within),
    }),
  );
  const { problem } = groundsBelow(recipe, shelf);
  if (!problem || problem.is === 'gone') return;
  // One that came about elsewhere keeps nobody from writing the rest of the recipe.
  if (pinKey(before?.content.ground ?? null) === pinKey(recipe.ground ?? null)) return;
  throw new Problem(400, 'invalid', groundRefusal(recipe, shelf) ?? '', {
    fields: [
      {
        field: 'ground',
        value: `the recipe ${problem.pin.recipeId}`,
        expected: 'a recipe that is not painted on top of this one',
      },
    ],
  });
}
