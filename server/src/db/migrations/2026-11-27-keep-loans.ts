import type { Knex } from 'knex';
import { forwardOnly } from './forwardOnly';
import { noteChanges } from './noteChanges';

/** Pots that are lent and given back, and who brings which to the next evening. */
export const keepLoans: Knex.Migration = {
  async up(db) {
    await db.schema.createTable('loans', (table) => {
      table.string('id').primary();
      table.string('pot_id').notNullable().index();
      table.string('to_id').notNullable();
      table.string('lent_at').notNullable();
      table.string('back_at');
    });
    // A pot is with one at a time.
    await db.raw('create unique index one_loan_at_a_time on loans (pot_id) where back_at is null');
    await db.schema.createTable('brings', (table) => {
      table.string('army_id').notNullable();
      table.string('pot_id').notNullable();
      table.string('member_id').notNullable();
      table.primary(['army_id', 'pot_id']);
    });
    for (const table of ['loans', 'brings'])
      await noteChanges(db, { table, kind: "'shelves'", id: 'pot_id' });
  },
  down: forwardOnly,
};
