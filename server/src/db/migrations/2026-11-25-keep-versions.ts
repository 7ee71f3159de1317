import type { Knex } from 'knex';
import { forwardOnly } from './forwardOnly';

export const keepVersions: Knex.Migration = {
  async up(db) {
    // No reference to recipes: a version outlives a recipe that is deleted, so that undoing the
    // deletion brings its history back, and a variant keeps what it was forked from.
    await db.schema.createTable('versions', (table) => {
      table.string('recipe_id').notNullable();
      table.integer('number').notNullable();
      table.string('frozen_at').notNullable();
      table.text('note').notNullable();
      table.text('content').notNullable();
      table.primary(['recipe_id', 'number']);
    });
    await db.schema.createTable('version_pots', (table) => {
      table.string('recipe_id').notNullable();
      table.integer('number').notNullable();
      table.string('pot_id').notNullable().references('pots.id').onDelete('RESTRICT').index();
      table.primary(['recipe_id', 'number', 'pot_id']);
      table
        .foreign(['recipe_id', 'number'])
        .references(['recipe_id', 'number'])
        .inTable('versions');
    });
  },
  down: forwardOnly,
};
