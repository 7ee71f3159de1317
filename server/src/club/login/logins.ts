import { randomUUID } from 'node:crypto';
import { likeness } from '@yellow-ledger/core';
import type { Knex } from 'knex';
import type { Who } from '../who';
import type { ClubClock } from '../clubClock';
import { countedGuesses } from './countedGuesses';
import { isFirst, type InvitationStore } from '../members/invitationStore';
import type { KnownDevices } from './knownDevices';
import type { Member, MemberStore } from '../members/memberStore';
import type { OwnerStore } from '../owners/ownerStore';
import { hashPassphrase, isNobodysPassphrase, isPassphrase } from './passphrases';
import type { SecondFactors } from './secondFactors';
import type { SessionStore } from './sessionStore';
import { slowedAddresses } from './slowedAddresses';
import type { Trail } from '../trail';

/** When to ask again while others wait for their turn, ms. */
const busyMs = 10_000;

export type CameIn =
  | { token: string; lastsMs: number; member: Member }
  | { waitMs: number }
  /** the passphrase or link is right, and the member has turned on one-time codes */
  | { codeIs: 'missing' | 'wrong' }
  | null;

/** Where a login is asked for. */
export interface AskedFrom {
  address: string;
  /** the token of the browser; null for one that has none */
  deviceToken: string | null;
}

/** How members log in and set their passphrases. */
export interface Logins {
  /** Notes that a member has given their passphrase once more. @returns whether it was right, or how long to wait */
  confirm(who: Who, passphrase: string): Promise<boolean | { waitMs: number }>;
  /** @returns null where name and passphrase do not belong together, whichever is wrong */
  comeIn(
    asked: {
      name: string;
      passphrase: string;
      isShared: boolean;
      device: string;
      code?: string | undefined;
    },
    from: AskedFrom,
  ): Promise<CameIn>;
  /** Uses a link: joins, or sets a new passphrase. @returns null where the link lets nobody in @throws NameTaken */
  join(asked: {
    token: string;
    name: string;
    passphrase: string;
    device: string;
    ledgerIs: 'mine' | 'club';
    code?: string | undefined;
  }): Promise<CameIn>;
  /**
   * A member sets a new passphrase by the old one; all their other devices go out.
   *
   * @returns whether the old one was right, or how long to wait
   */
  changePassphrase(
    who: Who,
    typed: { old: string; passphrase: string },
  ): Promise<boolean | { waitMs: number }>;
}

export interface LoginParts {
  db: Knex;
  clock: ClubClock;
  members: MemberStore;
  sessions: SessionStore;
  invitations: InvitationStore;
  trail: Trail;
  owners: OwnerStore;
  devices: KnownDevices;
  secondFactors: SecondFactors;
}

export function loginsOf({
  db,
  clock,
  members,
  sessions,
  invitations,
  trail,
  owners,
  devices,
  secondFactors,
}: LoginParts): Logins {
  const guesses = countedGuesses();
  const slowed = slowedAddresses();

  /** Whether a passphrase is right; takes as long for a name nobody has. */
  const isRight = (hashed: string | null | undefined, passphrase: string) =>
    hashed ? isPassphrase(hashed, passphrase) : isNobodysPassphrase(passphrase);

  /** Whether a passphrase is that of somebody who is logged in. Counted apart from logins, which others try. */
  async function isOwn(
    { member, device }: Who,
    passphrase: string,
  ): Promise<boolean | { waitMs: number }> {
    const key = `session ${device.id}`;
    const waitMs = guesses.begin(key);
    if (waitMs > 0) return { waitMs };
    const known = await members.named(member.name);
    const is = await isRight(known?.passphraseHash, passphrase);
    if (is) guesses.wasRight(key);
    return is;
  }

  /** Checks the second factor of a member, where they turned it on. */
  async function secondStep(
    memberId: string,
    code: string | undefined,
    onDevice = '',
  ): Promise<'right' | { codeIs: 'missing' | 'wrong' } | { waitMs: number }> {
    if (!(await secondFactors.isOn(memberId))) return 'right';
    if (code === undefined || code.trim() === '') return { codeIs: 'missing' };
    const answer = await guesses.counted(`code of ${memberId}${onDevice}`, async () =>
      (await secondFactors.accept(memberId, code)) ? ('right' as const) : null,
    );
    return answer ?? { codeIs: 'wrong' };
  }

  return {
    async comeIn({ name, passphrase, isShared, device, code }, { address, deviceToken }) {
      const known = await members.named(name);
      const isKnownDevice = known !== null && (await devices.isKnown(known.member.id, deviceToken));
      // On a browser they have used before, nobody is locked out by what others guess elsewhere.
      const key = isKnownDevice ? `${known.member.id} on ${deviceToken}` : likeness(name);
      const waitMs = guesses.begin(key);
      if (waitMs > 0) return { waitMs };
      const look = () => isRight(known?.passphraseHash, passphrase);
      const said = await (isKnownDevice ? look() : slowed.inTurn(address, look)).catch(
        (error: unknown) => {
          guesses.wasNotLookedAt(key);
          throw error;
        },
      );
      if (said === 'busy') {
        guesses.wasNotLookedAt(key);
        return { waitMs: busyMs };
      }
      if (!known || !said) {
        slowed.wasWrong(address);
        // Of names nobody has nothing is written down: one may be a passphrase in the wrong field.
        await trail.add(null, 'was refused', {
          address,
          ...(known && { memberId: known.member.id }),
        });
        return null;
      }
      guesses.wasRight(key);
      const { member } = known;
      const second = await secondStep(member.id, code, isKnownDevice ? ` on ${deviceToken}` : '');
      if (second !== 'right') {
        if ('codeIs' in second && second.codeIs === 'wrong')
          await trail.add(null, 'was refused', {
            address,
            memberId: member.id,
            for: 'a wrong code',
          });
        return second;
      }
      const begun = await sessions.begin(member.id, device, isShared);
      await trail.add(member.id, 'came in', { address, device });
      return { ...begun, member };
    },

    async join({ token, name, passphrase, device, ledgerIs, code }) {
      // A link is 256 random bits, so guesses are not counted; without one no hash is computed.
      const asked = await invitations.of(token);
      if (!asked) return null;
      if (asked.memberId !== null && !asked.dropsSecondFactor) {
        const second = await secondStep(asked.memberId, code, ' by link');
        if (second !== 'right') return second;
      }
      const passphraseHash = await hashPassphrase(passphrase);
      return db.transaction(async (within) => {
        const link = await invitations.use(token, within);
        if (!link) return null;
        const before = link.memberId === null ? null : await members.get(link.memberId, within);
        const member: Member = before ?? {
          id: randomUUID(),
          name,
          role: link.role,
          joinedAt: clock.iso(),
        };
        if (before) {
          await members.setPassphrase(before.id, passphraseHash, within);
          // The holder of the old one may be somebody else.
          await sessions.endAll(before.id, within);
          await devices.forgetAll(before.id, within);
          if (link.dropsSecondFactor) await secondFactors.turnOff(before.id, within);
        } else await members.add(member, passphraseHash, within);
        if (isFirst(link) && ledgerIs === 'mine') await owners.claimAll(member.id, within);
        if (before)
          // The link may have been opened by the manager who made it.
          await trail.add(
            null,
            'passphrase set by link',
            {
              memberId: member.id,
              linkMadeBy: link.madeBy ?? 'a start of the server',
              device,
              ...(link.dropsSecondFactor && { codes: 'one-time codes turned off' }),
            },
            within,
          );
        else await trail.add(member.id, 'joined', { role: member.role }, within);
        return { ...(await sessions.begin(member.id, device, false, within)), member };
      });
    },

    async confirm(who, passphrase) {
      const is = await isOwn(who, passphrase);
      if (is === true) await sessions.confirm(who.device.id);
      return is;
    },

    async changePassphrase(who, { old, passphrase }) {
      const { member, device } = who;
      const is = await isOwn(who, old);
      if (is !== true) return is;
      const passphraseHash = await hashPassphrase(passphrase);
      await db.transaction(async (within) => {
        await members.setPassphrase(member.id, passphraseHash, within);
        await sessions.endOthers(device, within);
        await trail.add(member.id, 'set a passphrase', {}, within);
      });
      return true;
    },
  };
}
