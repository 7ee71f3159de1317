import { randomUUID } from 'node:crypto';
import { roleNames, type Role } from '@yellow-ledger/core';
import type { Knex } from 'knex';
import type { ClubClock } from '../clubClock';
import { newToken, tokenHash } from '../login/tokens';

const hourMs = 3_600_000;

export interface Invitation {
  id: string;
  role: Role;
  /** whose passphrase it sets anew; null for somebody who joins */
  memberId: string | null;
  /** null for a link that was printed at a start */
  madeBy: string | null;
  madeAt: string;
  endsAt: string;
  /** a link for a passphrase that also turns off one-time codes, for whoever lost their phone */
  dropsSecondFactor: boolean;
}

interface InvitationRow {
  token_hash: string;
  id: string;
  role: string;
  member_id: string | null;
  made_by: string | null;
  made_at: string;
  ends_at: string;
  drops_second_factor: number;
}

/** Whether a link makes the first manager. */
export const isFirst = ({ madeBy, memberId, role }: Invitation): boolean =>
  madeBy === null && memberId === null && role === 'keeper';

/** Links that let somebody in once, each with an end. */
export interface InvitationStore {
  make(
    asked: {
      role: Role;
      memberId?: string;
      madeBy: string | null;
      hours: number;
      dropsSecondFactor?: boolean;
    },
    within?: Knex.Transaction,
  ): Promise<Invitation & { token: string }>;
  /** The purpose of a link; null for one that was used, has ended, was taken back, or never was. */
  of(token: string): Promise<Invitation | null>;
  /** Uses a link up. @returns what it was for; null as above, for all but the first who use it */
  use(token: string, within: Knex.Transaction): Promise<Invitation | null>;
  list(): Promise<Invitation[]>;
  remove(id: string): Promise<void>;
  /** Takes back every link nobody of the club has made: the first ones. */
  removeFirst(): Promise<void>;
}

export function invitationStore(db: Knex, clock: ClubClock): InvitationStore {
  const standing = (from: Knex | Knex.Transaction) =>
    from<InvitationRow>('invitations').where('ends_at', '>', clock.iso());
  return {
    async make({ role, memberId, madeBy, hours, dropsSecondFactor = false }, within) {
      const token = newToken();
      const row: InvitationRow = {
        token_hash: tokenHash(token),
        id: randomUUID(),
        role,
        member_id: memberId ?? null,
        made_by: madeBy,
        made_at: clock.iso(),
        ends_at: clock.iso(hours * hourMs),
        drops_second_factor: Number(dropsSecondFactor),
      };
      await (within ?? db)('invitations').insert(row);
      return { ...fromRow(row), token };
    },

    async of(token) {
      const row = await standing(db)
        .where({ token_hash: tokenHash(token) })
        .first();
      return row ? fromRow(row) : null;
    },

    async use(token, within) {
      const row = await standing(within)
        .where({ token_hash: tokenHash(token) })
        .first();
      if (!row) return null;
      await within('invitations').where({ token_hash: row.token_hash }).delete();
      return fromRow(row);
    },

    list: async () => (await standing(db).orderBy('made_at')).map(fromRow),

    async removeFirst() {
      await db('invitations').whereNull('made_by').whereNull('member_id').delete();
    },

    async remove(id) {
      await db('invitations').where({ id }).delete();
    },
  };
}

function fromRow(row: InvitationRow): Invitation {
  const known = roleNames.find((each) => each === row.role) ?? 'guest';
  return {
    id: row.id,
    role: known,
    memberId: row.member_id,
    madeBy: row.made_by,
    madeAt: row.made_at,
    endsAt: row.ends_at,
    dropsSecondFactor: Boolean(row.drops_second_factor),
  };
}
