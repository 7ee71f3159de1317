import type { Knex } from 'knex';
import { forwardOnly } from './forwardOnly';

export const keepPalettes: Knex.Migration = {
  async up(db) {
    await db.schema.createTable('palettes', (table) => {
      table.string('id').primary();
      table.integer('revision').notNullable();
      table.string('saved_at').notNullable();
      table.text('content').notNullable();
    });
    await db.schema.createTable('palette_pots', (table) => {
      table.string('palette_id').notNullable().references('palettes.id').onDelete('CASCADE');
      table.string('pot_id').notNullable().references('pots.id').onDelete('RESTRICT').index();
      table.primary(['palette_id', 'pot_id']);
    });
    // Fields and whole parts of files of a newer version, kept unread so that they go out again.
    await db.schema.alterTable('versions', (table) => table.text('more'));
    await db.schema.createTable('file_sections', (table) => {
      table.string('name').primary();
      table.integer('since').notNullable();
      table.text('value').notNullable();
    });
  },
  down: forwardOnly,
};
