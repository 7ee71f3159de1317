import type { Knex } from 'knex';

/** Hashes of the pictures that photographs of a ledger name, whatever else is wrong with those. */
export async function picturesNamed(db: Knex): Promise<Set<string>> {
  const rows = (await db('photographs')
    .whereRaw('json_valid(content)')
    .select(db.raw(`json_extract(content, '$.picture.hash') as hash`))) as { hash: unknown }[];
  return new Set(
    rows.flatMap(({ hash }) =>
      typeof hash === 'string' && /^[0-9a-f]{64}$/.test(hash) ? hash : [],
    ),
  );
}
