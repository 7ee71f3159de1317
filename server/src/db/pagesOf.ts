import type { Knex } from 'knex';

/** The rows of a table in the order they came in, so many at once. @param column that counts them */
export async function* pagesOf<Row extends object>(
  table: string,
  column: 'rowid' | 'sequence',
  size: number,
  within: Knex.Transaction,
): AsyncGenerator<Row[]> {
  let after = -1;
  for (;;) {
    const rows = (await within(table)
      .where(column, '>', after)
      .orderBy(column)
      .limit(size)
      .select(`${column} as place`, '*')) as (Row & { place: number })[];
    if (rows.length > 0) yield rows;
    if (rows.length < size) return;
    after = rows[rows.length - 1].place;
  }
}
