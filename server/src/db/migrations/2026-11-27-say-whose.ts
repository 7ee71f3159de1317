import type { Knex } from 'knex';
import { forwardOnly } from './forwardOnly';
import { noteChanges } from './noteChanges';

/** The kinds of record there were then: what comes later notes its changes where it is made. */
const kinds = [
  'pots',
  'recipes',
  'palettes',
  'armies',
  'benches',
  'timetables',
  'photographs',
  'members',
];

/** The relation of each row to the record that shows it. */
const sources = [
  ...kinds.map((kind) => ({ table: kind, kind, id: 'id' })),
  { table: 'versions', kind: 'versions', id: 'recipe_id' },
  // Paint taken from a pot changes how much is left in it.
  { table: 'used_paint', kind: 'pots', id: 'pot_id' },
];

/**
 * The owner of each record, where it is a member’s and not the club’s; who sent each entry of the log;
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
    for (const { table, kind, id } of sources)
      await noteChanges(db, { table, kind: `'${kind}'`, id });
    await noteChanges(db, { table: 'owners', kind: 'ROW.kind', id: 'id', isOfOwner: true });
  },
  down: forwardOnly,
};
