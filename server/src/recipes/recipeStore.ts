import { potIdsOf, recipeSchema, type Recipe } from '@yellow-ledger/core';
import type { Knex } from 'knex';
import { linkPots } from '../db/linkPots';
import { recordStore, type RecordStore } from '../db/recordStore';

export function recipeStore(db: Knex): RecordStore<Recipe> {
  return recordStore({
    db,
    table: 'recipes',
    schema: recipeSchema,
    alongside: (transaction, recipe) =>
      linkPots(
        transaction,
        { table: 'recipe_pots', owner: 'recipe_id' },
        recipe.id,
        potIdsOf(recipe),
      ),
  });
}
