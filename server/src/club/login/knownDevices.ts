import type { Knex } from 'knex';
import type { ClubClock } from '../clubClock';
import { tokenHash } from './tokens';

/** How long a browser is known after the last login on it. */
export const deviceKnownMs = 365 * 24 * 3_600_000;

/** Browsers on which members have logged in before. Of a token only its hash is kept. */
export interface KnownDevices {
  isKnown(memberId: string, token: string | null): Promise<boolean>;
  remember(memberId: string, token: string): Promise<void>;
  /** After a lost passphrase no browser is trusted more than another. */
  forgetAll(memberId: string, within: Knex.Transaction): Promise<void>;
}

export function knownDevices(db: Knex, clock: ClubClock): KnownDevices {
  return {
    async isKnown(memberId, token) {
      if (token === null) return false;
      const row = await db('known_devices')
        .where({ token_hash: tokenHash(token), member_id: memberId })
        .where('seen_at', '>', clock.iso(-deviceKnownMs))
        .first();
      return row !== undefined;
    },

    async remember(memberId, token) {
      await db('known_devices').where('seen_at', '<', clock.iso(-deviceKnownMs)).delete();
      await db('known_devices')
        .insert({ token_hash: tokenHash(token), member_id: memberId, seen_at: clock.iso() })
        .onConflict(['token_hash', 'member_id'])
        .merge();
    },

    async forgetAll(memberId, within) {
      await within('known_devices').where({ member_id: memberId }).delete();
    },
  };
}
