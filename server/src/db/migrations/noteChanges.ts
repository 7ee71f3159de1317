import type { Knex } from 'knex';

const happenings = [
  { when: 'insert', row: 'new' },
  { when: 'update', row: 'new' },
  { when: 'delete', row: 'old' },
] as const;

export interface Noted {
  table: string;
  /** as what a change of it is told, as SQL says it; `ROW` stands for the row */
  kind: string;
  /** the column that says of which thing */
  id: string;
  /** whether it is whose a thing is that changes */
  isOfOwner?: boolean;
}

/** Has the last change of each thing noted whose rows change, in the table `changes`. */
export async function noteChanges(
  db: Knex,
  { table, kind, id, isOfOwner = false }: Noted,
): Promise<void> {
  const of = isOfOwner ? 1 : 0;
  for (const { when, row } of happenings) {
    const [itsKind, itsId] = [kind.replace('ROW', row), `${row}.${id}`];
    await db.raw(
      `create trigger ${table}_${when}_told after ${when} on ${table} begin
         delete from changes where kind = ${itsKind} and id = ${itsId} and is_of_owner = ${of};
         insert into changes (kind, id, is_of_owner) values (${itsKind}, ${itsId}, ${of});
       end`,
    );
  }
}
