import type { Knex } from 'knex';
import { forwardOnly } from './forwardOnly';

/** Pages that are open while a backup takes the place of the ledger notice by this number. */
export const countRestores: Knex.Migration = {
  async up(db) {
    await db.schema.alterTable(
      'ledger_identity',
      (table) => void table.integer('restores').notNullable().defaultTo(0),
    );
  },
  down: forwardOnly,
};
