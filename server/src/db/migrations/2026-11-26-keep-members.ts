import type { Knex } from 'knex';
import { forwardOnly } from './forwardOnly';

/** The members of a club, how they come in, and what they did that the house should know. */
export const keepMembers: Knex.Migration = {
  async up(db) {
    await db.schema.createTable('members', (table) => {
      table.string('id').primary();
      table.string('name').notNullable();
      // The common form of names that look alike: two of them are not in one club.
      table.string('likeness').notNullable().unique();
      table.string('role').notNullable();
      table.string('passphrase_hash');
      table.string('joined_at').notNullable();
    });
    await db.schema.createTable('sessions', (table) => {
      table.string('token_hash').primary();
      table.string('id').notNullable().unique();
      table.string('member_id').notNullable().references('members.id').onDelete('CASCADE');
      table.string('device').notNullable();
      table.boolean('is_shared').notNullable();
      table.string('began_at').notNullable();
      table.string('ends_at').notNullable();
    });
    await db.schema.createTable('invitations', (table) => {
      table.string('token_hash').primary();
      table.string('id').notNullable().unique();
      table.string('role').notNullable();
      // For a new passphrase of somebody who is a member already.
      table.string('member_id').references('members.id').onDelete('CASCADE');
      table.string('made_by');
      table.string('made_at').notNullable();
      table.string('ends_at').notNullable();
    });
    await db.schema.createTable('trail', (table) => {
      table.increments('sequence');
      table.string('at').notNullable();
      table.string('member_id');
      table.string('did').notNullable();
      table.text('about').notNullable();
    });
  },
  down: forwardOnly,
};
