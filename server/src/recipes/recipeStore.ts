import { potIdsOf, recipeSchema, type Recipe } from '@yellow-ledger/core';
import type { Knex } from 'knex';
import { recordStore, type RecordStore } from '../db/recordStore';

/** A recipe draws from pots that are on no shelf. */
export class UnknownPots extends Error {
  constructor(readonly potIds: string[]) {
    super(`no pots ${potIds.join(', ')}`);
    this.name = 'UnknownPots';
  }
}

export function recipeStore(db: Knex): RecordStore<Recipe> {
  return recordStore({ db, table: 'recipes', schema: recipeSchema, alongside: linkPots });
}

async function linkPots(transaction: Knex.Transaction, recipe: Recipe): Promise<void> {
  const potIds = potIdsOf(recipe);
  const known: string[] = await transaction('pots').whereIn('id', potIds).pluck('id');
  if (known.length < potIds.length)
    throw new UnknownPots(potIds.filter((potId) => !known.includes(potId)));
  await transaction('recipe_pots').where({ recipe_id: recipe.id }).delete();
  await transaction('recipe_pots').insert(
    potIds.map((potId) => ({ recipe_id: recipe.id, pot_id: potId })),
  );
}
