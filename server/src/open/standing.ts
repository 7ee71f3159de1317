import type { Relation, ResourceName } from '@yellow-ledger/core';
import type { Knex } from 'knex';
import { inParts, valuesAtOnce } from '../db/inParts';

/** How a record stands to a member. */
export interface Standing {
  /** it is there now */
  isThere: boolean;
  /** it was there and is deleted */
  isGone: boolean;
  /** whose it is or was; null: the club's */
  ownerId: string | null;
  /** to the member who asks; the club's where nobody owns it, there or not */
  relation: Relation;
}

interface OwnedRow {
  id: string;
  member_id: string;
  is_shared: number;
}

/** How some records stand to a member; also those that are not there. */
export async function standingOf(
  kind: ResourceName,
  ids: readonly string[],
  memberId: string,
  db: Knex | Knex.Transaction,
): Promise<Map<string, Standing>> {
  const standing = new Map<string, Standing>();
  for (const part of inParts(ids, valuesAtOnce)) {
    const there = new Set(await db(kind).whereIn('id', part).pluck<string[]>('id'));
    const gone = new Set(
      await db('gone_records').where({ kind }).whereIn('id', part).pluck<string[]>('id'),
    );
    const owned = new Map(
      (await db<OwnedRow & { kind: string }>('owners').where({ kind }).whereIn('id', part)).map(
        (row) => [row.id, row] as const,
      ),
    );
    const granted = new Map(
      (
        await db<{ kind: string; id: string; member_id: string; may_write: number }>('grants')
          .where({ kind, member_id: memberId })
          .whereIn('id', part)
      ).map(({ id, may_write }) => [id, Boolean(may_write)] as const),
    );
    const lent = new Set(
      kind === 'pots'
        ? await db('loans')
            .where({ to_id: memberId })
            .whereNull('back_at')
            .whereIn('pot_id', part)
            .pluck<string[]>('pot_id')
        : [],
    );
    for (const id of part) {
      const owner = owned.get(id);
      const opened = granted.get(id);
      const isOpen = Boolean(owner?.is_shared) || opened === false || lent.has(id);
      const relation =
        owner === undefined
          ? 'club'
          : owner.member_id === memberId
            ? 'mine'
            : opened === true
              ? 'joint'
              : isOpen
                ? 'shared'
                : 'other';
      standing.set(id, {
        isThere: there.has(id),
        isGone: gone.has(id) && !there.has(id),
        ownerId: owner?.member_id ?? null,
        relation,
      });
    }
  }
  return standing;
}
