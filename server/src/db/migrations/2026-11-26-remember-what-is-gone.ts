import type { Knex } from 'knex';
import { forwardOnly } from './forwardOnly';

/** A record that is deleted leaves its last revision: one of its name goes on from there. */
export const rememberWhatIsGone: Knex.Migration = {
  async up(db) {
    await db.schema.createTable('gone_records', (table) => {
      table.string('kind').notNullable();
      table.string('id').notNullable();
      table.integer('revision').notNullable();
      table.primary(['kind', 'id']);
    });
  },
  down: forwardOnly,
};
