import type { Knex } from 'knex';
import { forwardOnly } from './forwardOnly';

export const keepLog: Knex.Migration = {
  async up(db) {
    await db.schema.createTable('benches', (table) => {
      table.string('id').primary();
      table.integer('revision').notNullable();
      table.string('saved_at').notNullable();
      table.text('content').notNullable();
    });
    // Rows are only ever added: what was wrong is struck out by another row. No reference to what an
    // entry names, as the log outlives recipes, pots and armies.
    await db.schema.createTable('log_entries', (table) => {
      table.increments('sequence');
      table.string('id').notNullable().unique();
      table.string('bench_id').notNullable().index();
      table.string('saved_at').notNullable();
      table.text('content').notNullable();
    });
  },
  down: forwardOnly,
};
