import { randomBytes } from 'node:crypto';
import type { Knex } from 'knex';
import { forwardOnly } from './forwardOnly';

/** The kinds of record there were then. */
const kinds = ['pots', 'recipes', 'palettes', 'armies', 'benches', 'timetables', 'photographs'];

const isThere = (row: string) =>
  `case ${row}.kind ${kinds
    .map((kind) => `when '${kind}' then exists (select 1 from ${kind} where id = ${row}.id)`)
    .join(' ')} else 0 end`;

const isGranted = (row: string) =>
  `exists (select 1 from grants where kind = ${row}.kind and id = ${row}.id)`;

/**
 * Notes a change of whose something is, or of who may see it. The new row stands beside the old one for
 * a moment: an upsert that fires a trigger forbids `insert or replace` within it.
 */
const noted = (row: string, wasOpen: string) => {
  const before = (isOfOwner: number) =>
    `kind = ${row}.kind and id = ${row}.id and is_of_owner = ${isOfOwner}`;
  return `insert into changes (kind, id, is_of_owner, was_open) values (${row}.kind, ${row}.id, 2,
      max(${wasOpen}, coalesce((select was_open from changes where ${before(1)}), 0)));
    delete from changes where ${before(1)};
    update changes set is_of_owner = 1 where ${before(2)};`;
};

/**
 * Records a member opens to some others, to look at or to change; whether others may have seen something
 * before it became somebody's own; and what identifiers of what may not be seen are replaced by.
 */
export const openToMembers: Knex.Migration = {
  async up(db) {
    await db.schema.createTable('grants', (table) => {
      table.string('kind').notNullable();
      table.string('id').notNullable();
      table.string('member_id').notNullable().references('members.id').onDelete('CASCADE');
      table.boolean('may_write').notNullable();
      table.primary(['kind', 'id', 'member_id']);
    });
    await db.schema.createTable('ledger_secrets', (table) => {
      table.string('name').primary();
      table.string('value').notNullable();
    });
    await db('ledger_secrets').insert({ name: 'opaque', value: randomBytes(32).toString('hex') });
    await db.schema.alterTable('changes', (table) => {
      table.boolean('was_open').notNullable().defaultTo(false);
    });
    for (const when of ['insert', 'update', 'delete'])
      await db.raw(`drop trigger owners_${when}_told`);
    const triggers = [
      ['insert on owners', noted('new', isThere('new'))],
      ['update on owners', noted('new', `max(old.is_shared, ${isGranted('new')})`)],
      ['delete on owners', noted('old', '0')],
      ['insert on grants', noted('new', '1')],
      ['update on grants', noted('new', '1')],
      ['delete on grants', noted('old', '1')],
    ];
    for (const [when, note] of triggers)
      await db.raw(
        `create trigger ${when.replace(/(\w+) on (\w+)/, '$2_$1_opened')} after ${when} begin ${note} end`,
      );
  },
  down: forwardOnly,
};
