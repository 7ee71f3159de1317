import type { Knex } from 'knex';
import { forwardOnly } from './forwardOnly';

/** Which pots a record of any kind draws from stands in one table. */
export const drawInOneTable: Knex.Migration = {
  async up(db) {
    await db.schema.createTable('drawn_pots', (table) => {
      table.string('kind').notNullable();
      table.string('record_id').notNullable();
      table.string('pot_id').notNullable().references('pots.id').onDelete('RESTRICT').index();
      table.primary(['kind', 'record_id', 'pot_id']);
    });
    for (const [kind, from, id] of [
      ['recipes', 'recipe_pots', 'recipe_id'],
      ['palettes', 'palette_pots', 'palette_id'],
    ]) {
      await db.raw(
        `insert into drawn_pots (kind, record_id, pot_id) select '${kind}', ${id}, pot_id from ${from}`,
      );
      await db.schema.dropTable(from);
    }
  },
  down: forwardOnly,
};
