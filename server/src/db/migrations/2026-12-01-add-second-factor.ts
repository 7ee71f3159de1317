import type { Knex } from 'knex';
import { forwardOnly } from './forwardOnly';

/** One-time codes at logging in, for members who turn them on. */
export const addSecondFactor: Knex.Migration = {
  async up(db) {
    await db.schema.createTable('second_factors', (table) => {
      table.string('member_id').primary().references('members.id').onDelete('CASCADE');
      table.string('secret').notNullable();
      // Null until a first code has shown that the secret arrived.
      table.string('turned_on_at');
      // The period of the last code that was accepted: no code counts twice.
      table.integer('last_period').notNullable().defaultTo(0);
    });
    await db.schema.createTable('recovery_codes', (table) => {
      table.string('code_hash').notNullable();
      table.string('member_id').notNullable().references('members.id').onDelete('CASCADE');
      table.primary(['member_id', 'code_hash']);
    });
    await db.schema.alterTable('invitations', (table) => {
      table.boolean('drops_second_factor').notNullable().defaultTo(false);
    });
  },
  down: forwardOnly,
};
