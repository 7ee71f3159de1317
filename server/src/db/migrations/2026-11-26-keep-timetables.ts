import type { Knex } from 'knex';
import { forwardOnly } from './forwardOnly';

export const keepTimetables: Knex.Migration = {
  async up(db) {
    await db.schema.createTable('timetables', (table) => {
      table.string('id').primary();
      table.integer('revision').notNullable();
      table.string('saved_at').notNullable();
      table.text('content').notNullable();
    });
  },
  down: forwardOnly,
};
