import { randomUUID } from 'node:crypto';
import { likeness, type Role } from '@yellow-ledger/core';
import type { Knex } from 'knex';
import type { Asker } from '../open/asker';
import { countedGuesses } from './countedGuesses';
import { claimStore, type ClaimStore } from './claimStore';
import { ClubClock } from './clubClock';
import { invitationStore, isFirst, type InvitationStore } from './invitationStore';
import { knownDevices, type KnownDevices } from './knownDevices';
import { letGoOf } from './leaving';
import { loanStore, type LoanStore } from './loanStore';
import { memberStore, type Member, type MemberStore } from './memberStore';
import { hashPassphrase, isNobodysPassphrase, isPassphrase } from './passphrases';
import { slowedAddresses } from './slowedAddresses';
import { sessionStore, type Device, type SessionStore } from './sessionStore';
import { ownerStore, type OwnerStore } from './ownerStore';
import { tokenHash } from './tokens';
import { trailOf, type Trail } from './trail';

/** The link that makes the keeper. */
const firstLinkHours = 24;
/** When to ask again while others wait for their turn, ms. */
const busyMs = 10_000;
/** Devices that are remembered without being looked up. */
const mostKnown = 1000;

/** Who asks, and on which device they have come in. */
export interface Who {
  member: Member;
  device: Device;
}

/** Who asks, as the ledger is opened to them. */
export const askerOf = ({ member: { id, name, role } }: Who): Asker => ({
  memberId: id,
  name,
  role,
});

export type CameIn = { token: string; lastsMs: number; member: Member } | { waitMs: number } | null;

/** Where a login is asked for. */
export interface AskedFrom {
  address: string;
  /** the token of the browser; null for one that has none */
  deviceToken: string | null;
}

/** The members of a club and how they come in. */
export interface Club {
  members: MemberStore;
  sessions: SessionStore;
  invitations: InvitationStore;
  trail: Trail;
  /** whose each record is */
  owners: OwnerStore;
  /** who has taken up which models */
  claims: ClaimStore;
  /** what is lent to whom */
  loans: LoanStore;
  /** browsers on which members have logged in before */
  devices: KnownDevices;
  /** The link that makes the first keeper; null once there is one. */
  firstLink(): Promise<string | null>;
  /** @returns null where name and passphrase do not belong together, whichever is wrong */
  comeIn(
    asked: { name: string; passphrase: string; isShared: boolean; device: string },
    from: AskedFrom,
  ): Promise<CameIn>;
  /** Uses a link: joins, or sets a new passphrase. @returns null where the link lets nobody in @throws NameTaken */
  join(asked: {
    token: string;
    name: string;
    passphrase: string;
    device: string;
    ledgerIs: 'mine' | 'club';
  }): Promise<CameIn>;
  /** How much is in the ledger, by kind: what of it is whose is asked of its first keeper. */
  holds(): Promise<Record<string, number>>;
  /** Adds a member without a link. @throws NameTaken */
  add(name: string, role: Role, passphraseHash: string): Promise<Member>;
  /** Gives a member a new passphrase; what they have come in on stays in. */
  setPassphrase(memberId: string, passphraseHash: string): Promise<void>;
  /**
   * A member sets a new passphrase by the old one; all their other devices go out.
   *
   * @returns whether the old one was right, or how long to wait
   */
  changePassphrase(
    who: Who,
    typed: { old: string; passphrase: string },
  ): Promise<boolean | { waitMs: number }>;
  who(token: string): Promise<Who | null>;
  /** Told whenever anybody goes, or may do something else. @returns ends the telling */
  onChange(tell: () => void): () => void;
  /** @returns whether there is such a member @throws LastKeeper */
  giveRole(by: Who, memberId: string, role: Role): Promise<boolean>;
  /** @returns whether there was such a member @throws LastKeeper */
  putOut(by: Who, memberId: string): Promise<boolean>;
}

export function openClub(db: Knex, clock = new ClubClock()): Club {
  const members = memberStore(db);
  const kept = sessionStore(db, clock);
  // Asked at every request; told to forget whenever anybody goes, or may do something else.
  const known = new Map<string, Who>();
  const changed = new Set<() => void>();
  const forgetting =
    <Args extends unknown[], Answer>(does: (...args: Args) => Promise<Answer>) =>
    async (...args: Args): Promise<Answer> => {
      const answer = await does(...args);
      known.clear();
      changed.forEach((tell) => tell());
      return answer;
    };
  const sessions: SessionStore = {
    ...kept,
    end: forgetting(kept.end),
    endAll: forgetting(kept.endAll),
    endOthers: forgetting(kept.endOthers),
  };
  const invitations = invitationStore(db, clock);
  const trail = trailOf(db);
  const owners = ownerStore(db);
  const guesses = countedGuesses();
  const slowed = slowedAddresses();
  const devices = knownDevices(db, clock);

  /** Whether a passphrase is right; takes as long for a name nobody has. */
  const isRight = (hashed: string | null | undefined, passphrase: string) =>
    hashed ? isPassphrase(hashed, passphrase) : isNobodysPassphrase(passphrase);

  return {
    members,
    sessions,
    invitations,
    trail,
    owners,
    claims: claimStore(db),
    loans: loanStore(db),
    devices,

    onChange(tell) {
      changed.add(tell);
      return () => changed.delete(tell);
    },

    async firstLink() {
      if ((await members.list()).some(({ role }) => role === 'keeper')) return null;
      // Of two starts the later link is the one that was printed last.
      await invitations.removeFirst();
      const { token } = await invitations.make({
        role: 'keeper',
        madeBy: null,
        hours: firstLinkHours,
      });
      return token;
    },

    async comeIn({ name, passphrase, isShared, device }, { address, deviceToken }) {
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
      const begun = await sessions.begin(member.id, device, isShared);
      await trail.add(member.id, 'came in', { address, device });
      return { ...begun, member };
    },

    async join({ token, name, passphrase, device, ledgerIs }) {
      // A link is 256 random bits: there is nothing to guess, and nothing to count. Nobody has a hash worked out who has no link.
      if (!(await invitations.of(token))) return null;
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
          // Who had the old one may be somebody else.
          await sessions.endAll(before.id, within);
          await devices.forgetAll(before.id, within);
        } else await members.add(member, passphraseHash, within);
        if (isFirst(link) && ledgerIs === 'mine') await owners.claimAll(member.id, within);
        await trail.add(
          member.id,
          before ? 'set a passphrase' : 'joined',
          { role: member.role },
          within,
        );
        return { ...(await sessions.begin(member.id, device, false, within)), member };
      });
    },

    holds: () => owners.counts(),

    add: (name, role, passphraseHash) =>
      db.transaction(async (within) => {
        const member: Member = { id: randomUUID(), name, role, joinedAt: clock.iso() };
        await members.add(member, passphraseHash, within);
        return member;
      }),

    setPassphrase: (memberId, passphraseHash) =>
      db.transaction((within) => members.setPassphrase(memberId, passphraseHash, within)),

    async changePassphrase({ member, device }, { old, passphrase }) {
      // Counted apart from logins: what others guess at keeps nobody who is logged in from it.
      const key = `session ${device.id}`;
      const waitMs = guesses.begin(key);
      if (waitMs > 0) return { waitMs };
      const known = await members.named(member.name);
      if (!known?.passphraseHash || !(await isPassphrase(known.passphraseHash, old))) return false;
      guesses.wasRight(key);
      const passphraseHash = await hashPassphrase(passphrase);
      await db.transaction(async (within) => {
        await members.setPassphrase(member.id, passphraseHash, within);
        await sessions.endOthers(device, within);
        await trail.add(member.id, 'set a passphrase', {}, within);
      });
      return true;
    },

    async who(token) {
      const hash = tokenHash(token);
      const before = known.get(hash);
      if (before && before.device.endsAt > clock.iso()) return before;
      const device = await sessions.of(token);
      const member = device && (await members.get(device.memberId));
      if (!device || !member) return null;
      const who = { member, device };
      if (known.size >= mostKnown) known.clear();
      known.set(hash, who);
      return who;
    },

    giveRole: forgetting((by, memberId, role) =>
      db.transaction(async (within) => {
        const is = await members.setRole(memberId, role, within);
        if (is) await trail.add(by.member.id, 'was given a role', { memberId, role }, within);
        return is;
      }),
    ),

    putOut: forgetting((by, memberId) =>
      db.transaction(async (within) => {
        await sessions.endAll(memberId, within);
        const was = await members.remove(memberId, within);
        if (was) await letGoOf(memberId, within);
        const did = by.member.id === memberId ? 'left' : 'was put out';
        if (was) await trail.add(by.member.id, did, { memberId }, within);
        return was;
      }),
    ),
  };
}
