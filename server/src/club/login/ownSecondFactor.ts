import type { Knex } from 'knex';
import { countedGuesses } from './countedGuesses';
import type { SecondFactors } from './secondFactors';
import type { SessionStore } from './sessionStore';
import type { Trail } from '../trail';
import type { Who } from '../who';

/** The result of checking a code: null where it is wrong, or the wait after too many wrong ones. */
export type WithCode<Answer> = Promise<Answer | null | { waitMs: number }>;

/** Routes by which logged-in members manage their own second factor. */
export interface OwnSecondFactor {
  /** The member's other devices are logged out. */
  turnOn(who: Who, code: string): WithCode<{ recoveryCodes: string[] }>;
  renewRecoveryCodes(who: Who, code: string): WithCode<{ recoveryCodes: string[] }>;
  turnOff(who: Who, code: string): WithCode<{ isOff: true }>;
}

export interface OwnSecondFactorParts {
  db: Knex;
  sessions: SessionStore;
  trail: Trail;
  secondFactors: SecondFactors;
}

export function ownSecondFactor(parts: OwnSecondFactorParts): OwnSecondFactor {
  const { db, sessions, trail, secondFactors } = parts;
  // Counted apart from logins, so that whoever guesses there locks nobody out here.
  const guesses = countedGuesses();
  const withCode = <Answer>(
    { member }: Who,
    work: (within: Knex.Transaction) => Promise<Answer | null>,
  ) => guesses.counted(member.id, () => db.transaction(work));

  return {
    turnOn: (who, code) =>
      withCode(who, async (within) => {
        const recoveryCodes = await secondFactors.turnOn(who.member.id, code, within);
        if (!recoveryCodes) return null;
        await sessions.endOthers(who.device, within);
        await trail.add(who.member.id, 'turned on one-time codes', {}, within);
        return { recoveryCodes };
      }),

    renewRecoveryCodes: (who, code) =>
      withCode(who, async (within) => {
        if (!(await secondFactors.accept(who.member.id, code, within))) return null;
        return { recoveryCodes: await secondFactors.renewRecoveryCodes(who.member.id, within) };
      }),

    turnOff: (who, code) =>
      withCode(who, async (within) => {
        if (!(await secondFactors.accept(who.member.id, code, within))) return null;
        await secondFactors.turnOff(who.member.id, within);
        await trail.add(who.member.id, 'turned off one-time codes', {}, within);
        return { isOff: true as const };
      }),
  };
}
