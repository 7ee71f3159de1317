import { randomUUID } from 'node:crypto';
import type { Knex } from 'knex';
import type { ClubClock } from '../clubClock';
import { newToken, tokenHash } from './tokens';

const hourMs = 3_600_000;
/** An own device stays in for so long, a shared tablet until the evening is over. */
const ownDeviceMs = 30 * 24 * hourMs;
const eveningMs = 8 * hourMs;

export interface Device {
  id: string;
  memberId: string;
  /** as it calls itself */
  device: string;
  isShared: boolean;
  beganAt: string;
  endsAt: string;
  /** when the passphrase was given once more on it; null: never */
  confirmedAt: string | null;
}

interface SessionRow {
  token_hash: string;
  id: string;
  member_id: string;
  device: string;
  is_shared: number;
  began_at: string;
  ends_at: string;
  confirmed_at: string | null;
}

/** Sessions: who is logged in, on which device. Of a token only its hash is kept. */
export interface SessionStore {
  begin(
    memberId: string,
    device: string,
    isShared: boolean,
    within?: Knex.Transaction,
  ): Promise<{ token: string; lastsMs: number }>;
  /** The device a token is of; null for one that has ended, was ended, or never was. */
  of(token: string): Promise<Device | null>;
  list(memberId: string): Promise<Device[]>;
  get(id: string): Promise<Device | null>;
  /** Notes that the passphrase was given once more on a device. */
  confirm(id: string): Promise<void>;
  /** Up to which notice somebody was told on this device. */
  noticesSeen(id: string): Promise<number>;
  noteNoticesSeen(id: string, sequence: number): Promise<void>;
  end(id: string): Promise<void>;
  endAll(memberId: string, within?: Knex.Transaction): Promise<void>;
  /** Ends all of a member’s devices but one. */
  endOthers(but: Device, within?: Knex.Transaction): Promise<void>;
}

export function sessionStore(db: Knex, clock: ClubClock): SessionStore {
  const standing = () => db<SessionRow>('sessions').where('ends_at', '>', clock.iso());
  return {
    async begin(memberId, device, isShared, within) {
      const token = newToken();
      const lastsMs = isShared ? eveningMs : ownDeviceMs;
      await (within ?? db)('sessions').insert({
        token_hash: tokenHash(token),
        id: randomUUID(),
        member_id: memberId,
        device: device.slice(0, 120),
        is_shared: isShared,
        began_at: clock.iso(),
        ends_at: clock.iso(lastsMs),
      });
      return { token, lastsMs };
    },

    async of(token) {
      const row = await standing()
        .where({ token_hash: tokenHash(token) })
        .first();
      return row ? fromRow(row) : null;
    },

    list: async (memberId) =>
      (await standing().where({ member_id: memberId }).orderBy('began_at', 'desc')).map(fromRow),

    async get(id) {
      const row = await standing().where({ id }).first();
      return row ? fromRow(row) : null;
    },

    async confirm(id) {
      await db('sessions').where({ id }).update({ confirmed_at: clock.iso() });
    },

    async noticesSeen(id) {
      const row = await db<{ id: string; notices_seen: number }>('sessions').where({ id }).first();
      return row?.notices_seen ?? 0;
    },

    async noteNoticesSeen(id, sequence) {
      await db('sessions').where({ id }).update({ notices_seen: sequence });
    },

    async end(id) {
      await db('sessions').where({ id }).delete();
    },

    async endOthers({ id, memberId }, within) {
      await (within ?? db)('sessions').where({ member_id: memberId }).whereNot({ id }).delete();
    },

    async endAll(memberId, within) {
      await (within ?? db)('sessions').where({ member_id: memberId }).delete();
    },
  };
}

const fromRow = (row: SessionRow): Device => ({
  id: row.id,
  memberId: row.member_id,
  device: row.device,
  isShared: Boolean(row.is_shared),
  beganAt: row.began_at,
  endsAt: row.ends_at,
  confirmedAt: row.confirmed_at,
});
