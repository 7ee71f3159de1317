import {
  resourceNames,
  type RecordHolder,
  type Relation,
  type ResourceName,
} from '@yellow-ledger/core';
import type { Knex } from 'knex';
import { inParts, valuesAtOnce } from '../db/inParts';

/** Whose a record is. What nobody owns is the club’s. */
export interface Owner {
  memberId: string;
  isShared: boolean;
}

interface OwnerRow {
  kind: string;
  id: string;
  member_id: string;
  is_shared: number;
}

/** A record, and whose it is. */
export type Owned = Owner & { kind: ResourceName; id: string };

/** Whose each record is. */
export interface OwnerStore {
  /** of every record that is a member’s; null: of every kind */
  list(kind: ResourceName | null, within?: Knex.Transaction): Promise<Owned[]>;
  /** @returns whether the record is there, and whose it is or was; null: the club’s */
  of(
    kind: ResourceName,
    id: string,
    within?: Knex.Transaction,
  ): Promise<{ isThere: boolean; owner: Owner | null }>;
  /** whose some records are, of those that are a member’s */
  among(kind: ResourceName, ids: readonly string[]): Promise<ReadonlyMap<string, Owner>>;
  /** Makes a record somebody’s, unless it is or was another’s. @returns whose it is now */
  claim(kind: ResourceName, id: string, memberId: string): Promise<Owner>;
  /** null gives it to the club */
  set(kind: ResourceName, id: string, owner: Owner | null): Promise<void>;
  /** Pots that something draws from which is the club’s, a member’s own or shared: seen with it. */
  potsDrawnInSight(memberId: string): Promise<Set<string>>;
  /** Pots that a member’s own things draw from, whosever they are. */
  potsDrawnBy(memberId: string): Promise<Set<string>>;
  /** Makes everything somebody’s that is nobody’s, and what was painted theirs. */
  claimAll(memberId: string, within: Knex.Transaction): Promise<void>;
  /** How many records there are of each kind. */
  counts(): Promise<Record<string, number>>;
  /** The recipes that a record is painted by, or stands on: it shows nothing without them. */
  recipesNamedBy(kind: ResourceName, id: string): Promise<string[]>;
  /** Whose the first of some things is that is there; undefined where none is. */
  ofAny(things: readonly RecordHolder[]): Promise<Owner | null | undefined>;
}

/** How a record stands to a member. */
export function relationOf(owner: Owner | null | undefined, memberId: string): Relation {
  if (!owner) return 'club';
  if (owner.memberId === memberId) return 'mine';
  return owner.isShared ? 'shared' : 'other';
}

export function ownerStore(db: Knex): OwnerStore {
  async function of(kind: ResourceName, id: string, within?: Knex.Transaction) {
    const row = (await (within ?? db)
      .select(db.raw('(select 1 from ?? where id = ?) as is_there', [kind, id]), 'owners.*')
      .fromRaw('(select 1)')
      .joinRaw('left join owners on owners.kind = ? and owners.id = ?', [kind, id])
      .first()) as Partial<OwnerRow> & { is_there: number | null };
    return { isThere: row.is_there === 1, owner: fromRow(row) };
  }

  async function potsDrawn(by: (is: Knex.QueryBuilder) => unknown): Promise<Set<string>> {
    const ids = await db('drawn_pots')
      .leftJoin('owners', (on) =>
        on.on('owners.kind', 'drawn_pots.kind').on('owners.id', 'drawn_pots.record_id'),
      )
      .where((is) => void by(is))
      .distinct()
      .pluck<string[]>('pot_id');
    return new Set(ids);
  }

  return {
    of,

    async among(kind, ids) {
      const owners = new Map<string, Owner>();
      for (const part of inParts(ids, valuesAtOnce))
        for (const row of await db<OwnerRow>('owners').where('kind', kind).whereIn('id', part)) {
          const owner = fromRow(row);
          if (owner) owners.set(row.id, owner);
        }
      return owners;
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

    async claim(kind, id, memberId) {
      await db('owners')
        .insert({ kind, id, member_id: memberId, is_shared: false })
        .onConflict(['kind', 'id'])
        .ignore();
      return (await of(kind, id)).owner ?? { memberId, isShared: false };
    },

    async set(kind, id, owner) {
      if (!owner) await db('owners').where({ kind, id }).delete();
      else
        await db('owners')
          .insert({ kind, id, member_id: owner.memberId, is_shared: owner.isShared })
          .onConflict(['kind', 'id'])
          .merge();
    },

    potsDrawnInSight: (memberId) =>
      potsDrawn((is) =>
        is
          .whereNull('owners.member_id')
          .orWhere('owners.member_id', memberId)
          .orWhere('is_shared', 1),
      ),

    potsDrawnBy: (memberId) => potsDrawn((is) => is.where('owners.member_id', memberId)),

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

    async recipesNamedBy(kind, id) {
      const row = await db<{ id: string; content: string }>(kind).where('id', id).first('content');
      const named = row?.content.matchAll(/"recipeId":"([^"\\]+)"/g) ?? [];
      return [...new Set([...named].map(([, recipeId]) => recipeId))].filter((each) => each !== id);
    },

    async ofAny(things) {
      for (const { kind, id } of things) {
        const { isThere, owner } = await of(kind, id);
        if (isThere) return owner;
      }
      return undefined;
    },
  };
}

const fromRow = ({ member_id, is_shared }: Partial<OwnerRow>): Owner | null =>
  member_id ? { memberId: member_id, isShared: Boolean(is_shared) } : null;
