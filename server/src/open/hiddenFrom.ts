import type { Knex } from 'knex';
import { inParts, valuesAtOnce } from '../db/inParts';

/**
 * The one place that says what a member may not see: what another owns and has opened neither to the
 * club nor to them, nor, of pots, lent to them.
 *
 * @param row of the table `owners`, as the query calls it
 * @returns a condition that is true for what is hidden, and its bindings
 */
export const hiddenFrom = (memberId: string, row = 'owners'): readonly [string, string[]] => [
  `(${row}.member_id <> ? and not ${row}.is_shared
    and not exists (select 1 from grants where grants.kind = ${row}.kind
      and grants.id = ${row}.id and grants.member_id = ?)
    and not (${row}.kind = 'pots' and exists (select 1 from loans where loans.pot_id = ${row}.id
      and loans.to_id = ? and loans.back_at is null)))`,
  [memberId, memberId, memberId],
];

/** Narrows a query to rows whose record is not hidden. @param kind and id: SQL for the record's */
export const onlySeen = (
  query: Knex.QueryBuilder,
  memberId: string,
  { kinds, id }: { kinds: readonly string[]; id: string },
): Knex.QueryBuilder => {
  const [condition, bindings] = hiddenFrom(memberId, 'hiding');
  const marks = kinds.map(() => '?').join(', ');
  return query.whereRaw(
    `not exists (select 1 from owners as hiding where hiding.kind in (${marks}) and hiding.id = ${id} and ${condition})`,
    [...kinds, ...bindings],
  );
};

/** The owner of a record, and to whom it is open, as `ownedAmong` reads it. */
export interface Openness {
  ownerId: string;
  isShared: boolean;
  /** members it is opened to, or lent to */
  openTo: ReadonlySet<string>;
}

/** The same as `hiddenFrom`, for a record that was read: many members are told of it. */
export const isHiddenFrom = (memberId: string, open: Openness | undefined): boolean =>
  open !== undefined && open.ownerId !== memberId && !open.isShared && !open.openTo.has(memberId);

/** Of some records of a kind, those that somebody owns. */
export async function ownedAmong(
  kind: string,
  ids: readonly string[],
  db: Knex | Knex.Transaction,
): Promise<Map<string, Openness>> {
  const owned = new Map<string, Openness & { openTo: Set<string> }>();
  for (const part of inParts(ids, valuesAtOnce)) {
    for (const { id, member_id, is_shared } of await db<{
      kind: string;
      id: string;
      member_id: string;
      is_shared: number;
    }>('owners')
      .where({ kind })
      .whereIn('id', part))
      owned.set(id, { ownerId: member_id, isShared: Boolean(is_shared), openTo: new Set() });
    if (owned.size === 0) continue;
    const open = [
      ...(await db<{ kind: string; id: string; member_id: string }>('grants')
        .where({ kind })
        .whereIn('id', part)
        .select('id', 'member_id')),
      ...(kind === 'pots'
        ? await db<{ pot_id: string; to_id: string; back_at: string | null }>('loans')
            .whereNull('back_at')
            .whereIn('pot_id', part)
            .select<{ id: string; member_id: string }[]>('pot_id as id', 'to_id as member_id')
        : []),
    ];
    for (const { id, member_id } of open) owned.get(id)?.openTo.add(member_id);
  }
  return owned;
}
