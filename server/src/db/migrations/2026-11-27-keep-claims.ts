import type { Knex } from 'knex';
import { forwardOnly } from './forwardOnly';

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
    for (const [when, row] of [
      ['insert', 'new'],
      ['update', 'new'],
      ['delete', 'old'],
    ])
      await db.raw(
        `create trigger claims_${when}_told after ${when} on claims begin
           delete from changes where kind = 'claims' and id = ${row}.army_id and is_of_owner = 0;
           insert into changes (kind, id, is_of_owner) values ('claims', ${row}.army_id, 0);
         end`,
      );
  },
  down: forwardOnly,
};
