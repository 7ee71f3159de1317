import type { Knex } from 'knex';
import { forwardOnly } from './forwardOnly';

/** Browsers on which a member has logged in before, so that guesses made elsewhere do not lock them out there. */
export const knowDevices: Knex.Migration = {
  async up(db) {
    await db.schema.createTable('known_devices', (table) => {
      table.string('token_hash').notNullable();
      table.string('member_id').notNullable().references('members.id').onDelete('CASCADE');
      table.string('seen_at').notNullable();
      table.primary(['token_hash', 'member_id']);
    });
  },
  down: forwardOnly,
};
