import type { Knex } from 'knex';
import { forwardOnly } from './forwardOnly';

export const keepRecipes: Knex.Migration = {
  async up(db) {
    await db.schema.createTable('recipes', (table) => {
      table.string('id').primary();
      table.integer('revision').notNullable();
      table.string('saved_at').notNullable();
      table.text('content').notNullable();
    });
    // Which pots a recipe draws from, so that a pot in use cannot be deleted.
    await db.schema.createTable('recipe_pots', (table) => {
      table.string('recipe_id').notNullable().references('recipes.id').onDelete('CASCADE');
      table.string('pot_id').notNullable().references('pots.id').onDelete('RESTRICT').index();
      table.primary(['recipe_id', 'pot_id']);
    });
  },
  down: forwardOnly,
};
