import type { Knex } from 'knex';
import { forwardOnly } from './forwardOnly';
import { noteChanges } from './noteChanges';

/** Proposals of members to the club, and remarks on them. */
export const keepProposals: Knex.Migration = {
  async up(db) {
    await db.schema.createTable('proposals', (table) => {
      table.string('id').primary();
      // The house recipe it is to be a version of; none for a new one.
      table.string('target_id');
      table.string('member_id');
      table.string('made_at').notNullable();
      table.text('words').notNullable();
      table.text('content').notNullable();
      table.string('state').notNullable();
      table.string('decided_by');
      table.string('decided_at');
      table.text('reason');
      table.integer('version');
    });
    await db.schema.createTable('remarks', (table) => {
      table.string('id').primary();
      table
        .string('proposal_id')
        .notNullable()
        .references('proposals.id')
        .onDelete('CASCADE')
        .index();
      // The line it is about; none for all of it.
      table.string('step_id');
      table.string('member_id');
      table.string('made_at').notNullable();
      table.text('words').notNullable();
    });
    await noteChanges(db, { table: 'proposals', kind: "'proposals'", id: 'id' });
    await noteChanges(db, { table: 'remarks', kind: "'proposals'", id: 'proposal_id' });
  },
  down: forwardOnly,
};
