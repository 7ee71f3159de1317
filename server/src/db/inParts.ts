import type { Knex } from 'knex';

/** SQLite puts at most 500 rows into one statement as Knex writes it. */
const rowsAtOnce = 400;
/** So many values may stand in one condition. */
export const valuesAtOnce = 2000;

/** A long list in lists of at most so many. */
export function* inParts<Item>(items: readonly Item[], size: number): Generator<Item[]> {
  for (let from = 0; from < items.length; from += size) yield items.slice(from, from + size);
}

/** Inserts as many rows as there are. */
export async function insertMany(db: Knex, table: string, rows: readonly object[]): Promise<void> {
  for (const part of inParts(rows, rowsAtOnce)) await db(table).insert(part);
}
