import { potSchema, type Pot } from '@yellow-ledger/core';
import type { Knex } from 'knex';
import { recordStore, type RecordStore } from '../db/recordStore';

/** A pot that recipes draw from cannot be deleted; it can be retired. */
export class PotInUse extends Error {
  constructor(readonly recipes: number) {
    super(`${recipes} recipes draw from this pot`);
    this.name = 'PotInUse';
  }
}

export function potStore(db: Knex): RecordStore<Pot> {
  const store = recordStore({ db, table: 'pots', schema: potSchema });
  return {
    ...store,
    async remove(id, revision) {
      const users = await db('recipe_pots').where({ pot_id: id }).count({ recipes: '*' }).first();
      const recipes = Number(users?.recipes ?? 0);
      if (recipes > 0) throw new PotInUse(recipes);
      await store.remove(id, revision);
    },
  };
}
