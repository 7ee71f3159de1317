import type { Knex } from 'knex';
import { forwardOnly } from './forwardOnly';
import { noteChanges } from './noteChanges';

/** Which models of a joint army who has taken up. */
export const keepClaims: Knex.Migration = {
  async up(db) {
    await db.schema.createTable('claims', (table) => {
      table.string('army_id').notNullable();
      table.string('unit_id').notNullable();
      table.integer('model').notNullable();
      table.string('member_id').notNullable().index();
      table.string('at').notNullable();
      table.primary(['army_id', 'unit_id', 'model']);
    });
    await noteChanges(db, { table: 'claims', kind: "'claims'", id: 'army_id' });
  },
  down: forwardOnly,
};
