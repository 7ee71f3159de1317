import { createHmac } from 'node:crypto';
import { opaquePrefix } from '@yellow-ledger/core';
import type { Knex } from 'knex';

/** Replaces a hidden identifier: always by the same one, which no address accepts. */
export type OpaqueId = (kind: string, id: string) => string;

/** Reads the secret of a ledger when it is first needed. */
export function opaqueIdsOf(db: Knex): () => Promise<OpaqueId> {
  let read: Promise<OpaqueId> | null = null;
  return () => (read ??= opaqueIds(db));
}

async function opaqueIds(db: Knex): Promise<OpaqueId> {
  const row = await db<{ name: string; value: string }>('ledger_secrets')
    .where({ name: 'opaque' })
    .first();
  if (!row) throw new Error('the ledger has no secret');
  return (kind, id) =>
    opaquePrefix +
    createHmac('sha256', row.value).update(`${kind} ${id}`).digest('base64url').slice(0, 24);
}
