import { potSchema, type Pot } from '@yellow-ledger/core';
import type { Knex } from 'knex';
import { recordStore, type RecordStore } from '../db/recordStore';

/** A pot that recipes, their versions or wells draw from cannot be deleted; it can be retired. */
export class PotInUse extends Error {
  constructor(
    readonly recipes: number,
    readonly isOnPalette: boolean,
  ) {
    super(`${recipes} recipes draw from this pot`);
    this.name = 'PotInUse';
  }
}

export function potStore(db: Knex): RecordStore<Pot> {
  const store = recordStore({ db, table: 'pots', schema: potSchema });
  return {
    ...store,
    async remove(id, revision) {
      const drawing = await db('recipe_pots')
        .where({ pot_id: id })
        .select('recipe_id')
        .union(db('version_pots').where({ pot_id: id }).select('recipe_id'));
      const wells: unknown[] = await db('palette_pots').where({ pot_id: id });
      if (drawing.length + wells.length > 0) throw new PotInUse(drawing.length, wells.length > 0);
      await store.remove(id, revision);
    },
  };
}
