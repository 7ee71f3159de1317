import { randomBytes } from 'node:crypto';
import type { Knex } from 'knex';
import { Secret, TOTP } from 'otpauth';
import type { ClubClock } from '../clubClock';
import { tokenHash } from './tokens';

const periodS = 30;
/** Codes of the period before and after count too: clocks differ, and typing takes time. */
const window = 1;
/** RFC 4226 asks for at least 128 bits and recommends 160. */
const secretBytes = 20;
const recoveryCodeCount = 10;
/** Recovery codes avoid letters and digits that are mistaken for each other on paper. */
const recoveryAlphabet = 'ABCDEFGHJKLMNPQRSTUVWXYZ23456789';
const recoveryLetters = 12;

/** The state of the second factor, as its member sees it. */
export interface SecondFactorState {
  isOn: boolean;
  recoveryCodesLeft: number;
}

/** One-time codes at logging in, for members who turned them on. */
export interface SecondFactors {
  isOn(memberId: string, within?: Knex.Transaction): Promise<boolean>;
  state(memberId: string): Promise<SecondFactorState>;
  /** Makes a new secret, which counts for nothing until `turnOn`. @returns null where it is on already */
  prepare(member: {
    id: string;
    name: string;
  }): Promise<{ secret: string; address: string } | null>;
  /** @returns the recovery codes, which are never shown again; null where the code is wrong */
  turnOn(memberId: string, code: string, within: Knex.Transaction): Promise<string[] | null>;
  /** Replaces the recovery codes. @returns the new ones */
  renewRecoveryCodes(memberId: string, within: Knex.Transaction): Promise<string[]>;
  /** Whether a one-time or recovery code is right; each is accepted once. */
  accept(memberId: string, code: string, within?: Knex.Transaction): Promise<boolean>;
  turnOff(memberId: string, within: Knex.Transaction): Promise<void>;
}

interface FactorRow {
  member_id: string;
  secret: string;
  turned_on_at: string | null;
  last_period: number;
}

/** @source RFC 6238 with the defaults of RFC 4226: SHA-1, six digits, 30 seconds, as every authenticator app reads them */
export function secondFactors(db: Knex, clock: ClubClock): SecondFactors {
  const rowOf = (memberId: string, from: Knex | Knex.Transaction) =>
    from<FactorRow>('second_factors').where({ member_id: memberId }).first();

  /** Accepts a one-time code whose period is later than that of the last one accepted. */
  async function acceptOneTime(row: FactorRow, code: string, from: Knex | Knex.Transaction) {
    const timestamp = clock.now();
    const delta = totpOf(row.secret).validate({ token: code, timestamp, window });
    if (delta === null) return false;
    const period = Math.floor(timestamp / 1000 / periodS) + delta;
    // Compared in the same statement, so that of two at once one is accepted.
    const changed = await from<FactorRow>('second_factors')
      .where({ member_id: row.member_id })
      .where('last_period', '<', period)
      .update({ last_period: period });
    return changed > 0;
  }

  async function renew(memberId: string, within: Knex.Transaction): Promise<string[]> {
    const codes = Array.from({ length: recoveryCodeCount }, newRecoveryCode);
    await within('recovery_codes').where({ member_id: memberId }).delete();
    await within('recovery_codes').insert(
      codes.map((code) => ({ member_id: memberId, code_hash: tokenHash(plain(code)) })),
    );
    return codes;
  }

  const isOn = async (memberId: string, within?: Knex.Transaction) =>
    Boolean((await rowOf(memberId, within ?? db))?.turned_on_at);

  return {
    isOn,

    async state(memberId) {
      const codes = await db('recovery_codes')
        .where({ member_id: memberId })
        .pluck<string[]>('code_hash');
      return { isOn: await isOn(memberId), recoveryCodesLeft: codes.length };
    },

    async prepare({ id, name }) {
      if (await isOn(id)) return null;
      const secret = new Secret({ size: secretBytes }).base32;
      await db('second_factors')
        .insert({ member_id: id, secret, turned_on_at: null, last_period: 0 })
        .onConflict('member_id')
        .merge();
      return { secret, address: totpOf(secret, name).toString() };
    },

    async turnOn(memberId, code, within) {
      const row = await rowOf(memberId, within);
      if (!row || row.turned_on_at !== null) return null;
      if (!(await acceptOneTime(row, digitsOf(code), within))) return null;
      await within<FactorRow>('second_factors')
        .where({ member_id: memberId })
        .update({ turned_on_at: clock.iso() });
      return renew(memberId, within);
    },

    renewRecoveryCodes: renew,

    async accept(memberId, code, within) {
      const from = within ?? db;
      const row = await rowOf(memberId, from);
      if (!row || row.turned_on_at === null) return false;
      if (await acceptOneTime(row, digitsOf(code), from)) return true;
      const used = await from('recovery_codes')
        .where({ member_id: memberId, code_hash: tokenHash(plain(code)) })
        .delete();
      return used > 0;
    },

    async turnOff(memberId, within) {
      await within('recovery_codes').where({ member_id: memberId }).delete();
      await within('second_factors').where({ member_id: memberId }).delete();
    },
  };
}

const totpOf = (secret: string, label = '') =>
  new TOTP({ issuer: 'Yellow Ledger', label, secret: Secret.fromBase32(secret), period: periodS });

/** @example digitsOf('123 456') // → '123456' */
const digitsOf = (code: string): string => code.replace(/\s/g, '');

/** A recovery code as it is compared, however it was typed. @example plain('abcd-efgh-jklm') // → 'ABCDEFGHJKLM' */
const plain = (code: string): string => code.toUpperCase().replace(/[^A-Z0-9]/g, '');

/** @example newRecoveryCode() // → 'K7QP-2MXA-9WZB' */
function newRecoveryCode(): string {
  const letters = [...randomBytes(recoveryLetters)].map(
    (byte) => recoveryAlphabet[byte % recoveryAlphabet.length],
  );
  return (letters.join('').match(/.{4}/g) ?? []).join('-');
}
