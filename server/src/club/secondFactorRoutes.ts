import { Router } from 'express';
import { z } from 'zod';
import { accept } from '../http/accept';
import { Problem } from '../http/problem';
import type { ClubDoor } from './clubDoor';
import { askedAt, toWait } from './clubRequest';
import { refuseUnlessConfirmed } from './confirmed';

const codeSchema = z.strictObject({
  code: z.string({ error: 'a code' }).min(1, 'a code').max(40, 'a code'),
});

/** A member's own second factor: turning it on and off, and new recovery codes. */
export function secondFactorRoutes(door: ClubDoor): Router {
  const { club } = door;
  const router = Router();
  const asked = askedAt(door);
  const path = '/me/second-factor';

  router.get(
    path,
    asked(({ member }) => club.secondFactors.state(member.id)),
  );

  router.post(
    path,
    asked(async (who) => {
      refuseUnlessConfirmed(who, club.clock);
      const prepared = await club.secondFactors.prepare(who.member);
      if (!prepared) throw new Problem(409, 'is-on', 'One-time codes are turned on already.');
      return prepared;
    }),
  );

  router.put(
    path,
    asked(async (who, request, response) => {
      refuseUnlessConfirmed(who, club.clock);
      const { code } = accept(codeSchema, request.body);
      const answer = await club.turnOnSecondFactor(who, code);
      if ('waitMs' in answer) throw toWait(answer.waitMs, response);
      if (!answer.recoveryCodes) throw wrongCode();
      return answer;
    }),
  );

  router.post(
    `${path}/recovery-codes`,
    asked(async (who, request, response) => {
      refuseUnlessConfirmed(who, club.clock);
      const { code } = accept(codeSchema, request.body);
      const answer = await club.renewRecoveryCodes(who, code);
      if ('waitMs' in answer) throw toWait(answer.waitMs, response);
      if (!answer.recoveryCodes) throw wrongCode();
      return answer;
    }),
  );

  router.post(
    `${path}/off`,
    asked(async (who, request, response) => {
      refuseUnlessConfirmed(who, club.clock);
      const { code } = accept(codeSchema, request.body);
      const answer = await club.turnOffSecondFactor(who, code);
      if ('waitMs' in answer) throw toWait(answer.waitMs, response);
      if (!answer.isOff) throw wrongCode();
    }),
  );

  return router;
}

const wrongCode = () =>
  new Problem(400, 'wrong-code', 'That is not the code. Each code works once: wait for the next.');
