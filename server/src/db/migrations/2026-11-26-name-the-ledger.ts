import { randomUUID } from 'node:crypto';
import type { Knex } from 'knex';
import { forwardOnly } from './forwardOnly';

/** A ledger has an identity: what waits in a browser for one is never written into another. */
export const nameTheLedger: Knex.Migration = {
  async up(db) {
    await db.schema.createTable('ledger_identity', (table) => void table.string('id').primary());
    await db('ledger_identity').insert({ id: randomUUID() });
  },
  down: forwardOnly,
};
