import type { Knex } from 'knex';
import { forwardOnly } from './forwardOnly';

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
      for (const [when, row] of [
        ['insert', 'new'],
        ['update', 'new'],
        ['delete', 'old'],
      ])
        await db.raw(
          `create trigger ${table}_${when}_told after ${when} on ${table} begin
             delete from changes where kind = 'shelves' and id = ${row}.pot_id and is_of_owner = 0;
             insert into changes (kind, id, is_of_owner) values ('shelves', ${row}.pot_id, 0);
           end`,
        );
  },
  down: forwardOnly,
};
