import { randomUUID } from 'node:crypto';
import type { Role } from '@yellow-ledger/core';
import type { Knex } from 'knex';
import { claimStore, type ClaimStore } from './tables/claimStore';
import { ClubClock } from './clubClock';
import { invitationStore, type InvitationStore } from './members/invitationStore';
import { knownDevices, type KnownDevices } from './login/knownDevices';
import { letGoOf } from './members/leaving';
import { loanStore, type LoanStore } from './tables/loanStore';
import { memberStore, type Member, type MemberStore } from './members/memberStore';
import { loginsOf, type Logins } from './login/logins';
import { ownSecondFactor, type OwnSecondFactor } from './login/ownSecondFactor';
import { secondFactors, type SecondFactors } from './login/secondFactors';
import { sessionStore, type SessionStore } from './login/sessionStore';
import { ownerStore, type OwnerStore } from './owners/ownerStore';
import { tokenHash } from './login/tokens';
import { trailOf, type Trail } from './trail';
import type { Who } from './who';

/** The link that makes the manager. */
const firstLinkHours = 24;
/** Devices that are remembered without being looked up. */
const mostKnown = 1000;

/** Somebody set a passphrase by a link that was made for it. */
export interface Notice {
  sequence: number;
  at: string;
  /** the member who made the link, by name; null where that is not known */
  madeBy: string | null;
  /** on which device the link was opened, as it calls itself */
  device: string;
  /** whether the link also turned off one-time codes */
  droppedCodes: boolean;
}

/** A member is told of it at every login for so long: whoever used the link cannot hide it. */
const noticeMs = 30 * 24 * 3_600_000;

/** The members of a club and how they come in. */
export interface Club extends Logins {
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
  /** one-time codes of members who turned them on */
  secondFactors: SecondFactors;
  ownSecondFactor: OwnSecondFactor;
  /** the time it goes by */
  clock: ClubClock;
  /** The link that makes the first manager; null once there is one. */
  firstLink(): Promise<string | null>;
  /** How much is in the ledger, by kind: what of it is whose is asked of its first manager. */
  holds(): Promise<Record<string, number>>;
  /** Adds a member without a link. @throws NameTaken */
  add(name: string, role: Role, passphraseHash: string): Promise<Member>;
  /** Gives a member a new passphrase; what they have come in on stays in. */
  setPassphrase(memberId: string, passphraseHash: string): Promise<void>;
  /** A notice on a device of passphrases that were set for its member by a link. */
  noticesFor(memberId: string, deviceId: string): Promise<Notice[]>;
  noteNoticesSeen(memberId: string, deviceId: string): Promise<void>;
  who(token: string): Promise<Who | null>;
  /** Told whenever anybody goes, or may do something else. @returns ends the telling */
  onChange(tell: () => void): () => void;
  /** @returns whether there is such a member @throws LastManager */
  giveRole(by: Who, memberId: string, role: Role): Promise<boolean>;
  /** @returns whether there was such a member @throws LastManager */
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
    confirm: forgetting(kept.confirm),
  };
  const invitations = invitationStore(db, clock);
  const trail = trailOf(db);
  const owners = ownerStore(db);
  const devices = knownDevices(db, clock);
  const factors = secondFactors(db, clock);
  const logins = loginsOf({
    db,
    clock,
    members,
    sessions,
    invitations,
    trail,
    owners,
    devices,
    secondFactors: factors,
  });

  return {
    members,
    sessions,
    invitations,
    trail,
    owners,
    claims: claimStore(db, clock),
    loans: loanStore(db),
    devices,
    secondFactors: factors,
    ownSecondFactor: ownSecondFactor({ db, sessions, trail, secondFactors: factors }),
    clock,

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

    ...logins,

    holds: () => owners.counts(),

    add: (name, role, passphraseHash) =>
      db.transaction(async (within) => {
        const member: Member = { id: randomUUID(), name, role, joinedAt: clock.iso() };
        await members.add(member, passphraseHash, within);
        return member;
      }),

    setPassphrase: (memberId, passphraseHash) =>
      db.transaction((within) => members.setPassphrase(memberId, passphraseHash, within)),

    async noticesFor(memberId, deviceId) {
      const seen = await sessions.noticesSeen(deviceId);
      const entries = await trail.passphrasesByLink(memberId, clock.iso(-noticeMs));
      const names = new Map((await members.list()).map(({ id, name }) => [id, name]));
      return entries
        .filter(({ sequence }) => sequence > seen)
        .map(({ sequence, at, about }) => ({
          sequence,
          at,
          madeBy: names.get(about.linkMadeBy) ?? null,
          device: about.device,
          droppedCodes: about.codes !== undefined,
        }));
    },

    async noteNoticesSeen(memberId, deviceId) {
      const [last] = await trail.passphrasesByLink(memberId, clock.iso(-noticeMs));
      if (last) await sessions.noteNoticesSeen(deviceId, last.sequence);
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
