import type { Knex } from 'knex';
import { forwardOnly } from './forwardOnly';

/** When a member last gave their passphrase on a device where they were logged in already. */
export const askAgain: Knex.Migration = {
  async up(db) {
    await db.schema.alterTable('sessions', (table) => {
      table.string('confirmed_at');
    });
  },
  down: forwardOnly,
};
