import type { Knex } from 'knex';
import { forwardOnly } from './forwardOnly';

/** How far somebody was told, on one device, of passphrases that were set for them by a link. */
export const tellOfLinks: Knex.Migration = {
  async up(db) {
    await db.schema.alterTable('sessions', (table) => {
      table.integer('notices_seen').notNullable().defaultTo(0);
    });
  },
  down: forwardOnly,
};
