import { pictureHashSchema } from '@yellow-ledger/core';
import type { Knex } from 'knex';

/** Hashes of the pictures that photographs of a ledger name, whatever else is wrong with those. */
export async function picturesNamed(db: Knex): Promise<Set<string>> {
  return new Set(hashesOf((await db.raw(namedPictures)) as { hash: unknown }[]));
}

/** The named hash, as it stands; it may be no hash at all. */
export const namedPictures = `select distinct json_extract(content, '$.picture.hash') as hash
  from photographs where json_valid(content)`;

/** Of what is named, what is a hash. */
export const hashesOf = (rows: readonly { hash: unknown }[]): string[] =>
  rows.flatMap(({ hash }) => {
    const read = pictureHashSchema.safeParse(hash);
    return read.success ? [read.data] : [];
  });
