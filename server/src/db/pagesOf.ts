import type { Knex } from 'knex';

interface Narrowed {
  /** those that came in after this one */
  after?: number;
  columns?: readonly (string | Knex.Raw)[];
  only?: (rows: Knex.QueryBuilder) => void;
}

/** The rows of a table in the order they came in, so many at once. @param column that counts them */
export async function* pagesOf<Row extends object>(
  table: string,
  column: 'rowid' | 'sequence',
  size: number,
  within: Knex | Knex.Transaction,
  { after = -1, columns = ['*'], only = () => undefined }: Narrowed = {},
): AsyncGenerator<Row[]> {
  let last = after;
  for (;;) {
    const rows = (await within(table)
      .where(column, '>', last)
      .where((is) => only(is))
      .orderBy(column)
      .limit(size)
      .select(`${column} as place`, ...columns)) as (Row & { place: number })[];
    if (rows.length > 0) yield rows;
    if (rows.length < size) return;
    last = rows[rows.length - 1].place;
  }
}
