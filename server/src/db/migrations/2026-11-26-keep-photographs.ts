import type { Knex } from 'knex';
import { forwardOnly } from './forwardOnly';

/** Facts of photographs; their bytes are files beside the database. */
export const keepPhotographs: Knex.Migration = {
  async up(db) {
    await db.schema.createTable('photographs', (table) => {
      table.string('id').primary();
      table.integer('revision').notNullable();
      table.string('saved_at').notNullable();
      table.text('content').notNullable();
    });
  },
  down: forwardOnly,
};
