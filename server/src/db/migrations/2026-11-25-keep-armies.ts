import type { Knex } from 'knex';
import { forwardOnly } from './forwardOnly';

export const keepArmies: Knex.Migration = {
  async up(db) {
    // No reference to recipes: a recipe deleted under a scheme is told on the army's page.
    await db.schema.createTable('armies', (table) => {
      table.string('id').primary();
      table.integer('revision').notNullable();
      table.string('saved_at').notNullable();
      table.text('content').notNullable();
    });
  },
  down: forwardOnly,
};
