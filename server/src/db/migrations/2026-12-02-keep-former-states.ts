import type { Knex } from 'knex';
import { forwardOnly } from './forwardOnly';

/** Records of some kinds as they were before they were written over or deleted, each compressed. */
export const keepFormerStates: Knex.Migration = {
  async up(db) {
    await db.schema.createTable('former_states', (table) => {
      table.string('kind').notNullable();
      table.string('id').notNullable();
      table.integer('revision').notNullable();
      table.string('saved_at').notNullable();
      table.string('until').notNullable().index();
      table.binary('packed').notNullable();
      table.primary(['kind', 'id', 'revision']);
    });
  },
  down: forwardOnly,
};
