import { resourceNames, type ResourceName } from '@yellow-ledger/core';
import type { Knex } from 'knex';

/** The owner of a record. A record without one is the club’s. */
export interface Owner {
  memberId: string;
  isShared: boolean;
}

/** A member something is opened to, to look at or to change. */
export interface OpenTo {
  memberId: string;
  mayWrite: boolean;
}

interface OwnerRow {
  kind: string;
  id: string;
  member_id: string;
  is_shared: number;
}

interface GrantRow {
  kind: string;
  id: string;
  member_id: string;
  may_write: number;
}

/** A record, and whose it is. */
export type Owned = Owner & { kind: ResourceName; id: string };

type Db = Knex | Knex.Transaction;

/** The owner of each record, and to whom it is opened. */
export interface OwnerStore {
  /** of every record that is a member’s; null: of every kind */
  list(kind: ResourceName | null, within?: Knex.Transaction): Promise<Owned[]>;
  /** @returns whether the record is there, and whose it is or was; null: the club’s */
  of(
    kind: ResourceName,
    id: string,
    within?: Knex.Transaction,
  ): Promise<{ isThere: boolean; owner: Owner | null }>;
  /** null gives it to the club; what it was opened to stays only where it is said again */
  set(
    kind: ResourceName,
    id: string,
    owner: (Owner & { openTo?: readonly OpenTo[] }) | null,
    within?: Knex.Transaction,
  ): Promise<void>;
  /** To whom what a member owns is opened: by kind and identifier, as `recipes reed-cloak`. */
  openedBy(memberId: string): Promise<ReadonlyMap<string, OpenTo[]>>;
  /** The records opened to a member to be changed, by kind and identifier. */
  openedToChange(memberId: string): Promise<ReadonlySet<string>>;
  /** Makes everything somebody’s that is nobody’s, and what was painted theirs. */
  claimAll(memberId: string, within: Knex.Transaction): Promise<void>;
  /** How many records there are of each kind. */
  counts(): Promise<Record<string, number>>;
}

export function ownerStore(db: Knex): OwnerStore {
  async function setWithin(
    kind: ResourceName,
    id: string,
    owner: (Owner & { openTo?: readonly OpenTo[] }) | null,
    within: Db,
  ): Promise<void> {
    await within<GrantRow>('grants').where({ kind, id }).delete();
    if (!owner) {
      await within('owners').where({ kind, id }).delete();
      return;
    }
    await within('owners')
      .insert({ kind, id, member_id: owner.memberId, is_shared: owner.isShared })
      .onConflict(['kind', 'id'])
      .merge();
    for (const { memberId, mayWrite } of owner.openTo ?? [])
      await within('grants').insert({ kind, id, member_id: memberId, may_write: mayWrite });
  }

  return {
    async of(kind, id, within) {
      const from = within ?? db;
      const there = (await from(kind).where({ id }).first('id')) as { id: string } | undefined;
      const row = await from<OwnerRow>('owners').where({ kind, id }).first();
      return { isThere: there !== undefined, owner: row ? fromRow(row) : null };
    },

    async list(kind, within) {
      const rows = await (within ?? db)<OwnerRow>('owners').where(kind === null ? {} : { kind });
      return rows.map((row) => ({
        kind: row.kind as ResourceName,
        id: row.id,
        memberId: row.member_id,
        isShared: Boolean(row.is_shared),
      }));
    },

    set: (kind, id, owner, within) =>
      within
        ? setWithin(kind, id, owner, within)
        : db.transaction((transaction) => setWithin(kind, id, owner, transaction)),

    async openedBy(memberId) {
      const rows = (await db<GrantRow>('grants')
        .join('owners', (on) => on.on('owners.kind', 'grants.kind').on('owners.id', 'grants.id'))
        .where('owners.member_id', memberId)
        .select('grants.*')) as GrantRow[];
      const opened = new Map<string, OpenTo[]>();
      for (const { kind, id, member_id, may_write } of rows)
        opened.set(`${kind} ${id}`, [
          ...(opened.get(`${kind} ${id}`) ?? []),
          { memberId: member_id, mayWrite: Boolean(may_write) },
        ]);
      return opened;
    },

    async openedToChange(memberId) {
      const rows = await db<GrantRow>('grants').where({ member_id: memberId, may_write: 1 });
      return new Set(rows.map(({ kind, id }) => `${kind} ${id}`));
    },

    async claimAll(memberId, within) {
      for (const kind of resourceNames)
        await within.raw(
          'insert or ignore into owners (kind, id, member_id, is_shared) select ?, id, ?, 0 from ??',
          [kind, memberId, kind],
        );
      await within('log_entries').whereNull('member_id').update({ member_id: memberId });
    },

    async counts() {
      const counts: Record<string, number> = {};
      for (const kind of resourceNames) {
        const [row] = await db(kind).count<{ count: number }[]>({ count: '*' });
        counts[kind] = row.count;
      }
      return counts;
    },
  };
}

const fromRow = ({ member_id, is_shared }: OwnerRow): Owner => ({
  memberId: member_id,
  isShared: Boolean(is_shared),
});
