import { resourceNames } from '@yellow-ledger/core';
import type { Knex } from 'knex';
import { forwardOnly } from './forwardOnly';

/** What tells of each row which thing it is of that is shown. */
const sources = [
  ...resourceNames.map((kind) => ({ table: kind, kind, id: 'id' })),
  { table: 'versions', kind: 'versions', id: 'recipe_id' },
  { table: 'members', kind: 'members', id: 'id' },
  // What was taken from a pot changes what is left in it.
  { table: 'used_paint', kind: 'pots', id: 'pot_id' },
];
const happenings = [
  { when: 'insert', row: 'new' },
  { when: 'update', row: 'new' },
  { when: 'delete', row: 'old' },
];

/**
 * Whose each record is, where it is a member’s and not the club’s; who sent each entry of the log;
 * and the last change of each thing, numbered, so that a device that was away asks for what is newer.
 */
export const sayWhose: Knex.Migration = {
  async up(db) {
    await db.schema.createTable('owners', (table) => {
      table.string('kind').notNullable();
      table.string('id').notNullable();
      table.string('member_id').notNullable().index();
      table.boolean('is_shared').notNullable();
      table.primary(['kind', 'id']);
    });
    await db.schema.alterTable('log_entries', (table) => void table.string('member_id'));
    await db.schema.createTable('changes', (table) => {
      table.increments('number');
      table.string('kind').notNullable();
      table.string('id').notNullable();
      // A change of whose it is is told to who has seen it before, too.
      table.boolean('is_of_owner').notNullable();
      table.unique(['kind', 'id', 'is_of_owner']);
    });
    const noted = (kind: string, id: string, isOfOwner: 0 | 1) =>
      `delete from changes where kind = ${kind} and id = ${id} and is_of_owner = ${isOfOwner};
       insert into changes (kind, id, is_of_owner) values (${kind}, ${id}, ${isOfOwner});`;
    for (const { when, row } of happenings) {
      for (const { table, kind, id } of sources)
        await db.raw(
          `create trigger ${table}_${when}_told after ${when} on ${table} begin
           ${noted(`'${kind}'`, `${row}.${id}`, 0)} end`,
        );
      await db.raw(
        `create trigger owners_${when}_told after ${when} on owners begin
         ${noted(`${row}.kind`, `${row}.id`, 1)} end`,
      );
    }
  },
  down: forwardOnly,
};
