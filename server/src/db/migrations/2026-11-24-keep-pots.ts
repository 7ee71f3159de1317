import type { Knex } from 'knex';
import { forwardOnly } from './forwardOnly';

export const keepPots: Knex.Migration = {
  up: (db) =>
    db.schema.createTable('pots', (table) => {
      table.string('id').primary();
      table.integer('revision').notNullable();
      table.string('saved_at').notNullable();
      table.text('content').notNullable();
    }),
  down: forwardOnly,
};
