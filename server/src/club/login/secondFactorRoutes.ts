import { Router } from 'express';
import { z } from 'zod';
import { parseOrThrow } from '../../http/parseOrThrow';
import { Problem } from '../../http/problem';
import type { ClubDoor } from './clubDoor';
import { askedAt, toWait } from '../clubRequest';
import { refuseUnlessConfirmed } from './confirmed';
import type { WithCode } from './ownSecondFactor';
import type { Who } from '../who';

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

  /** A route that asks for a code. */
  const withCode = (work: (who: Who, code: string) => WithCode<object>) =>
    asked(async (who, request, response) => {
      refuseUnlessConfirmed(who, club.clock);
      const { code } = parseOrThrow(codeSchema, request.body);
      const answer = await work(who, code);
      if (answer === null) throw wrongCode();
      if ('waitMs' in answer) throw toWait(Number(answer.waitMs), response);
      return answer;
    });
  const { turnOn, renewRecoveryCodes, turnOff } = club.ownSecondFactor;
  router.put(path, withCode(turnOn));
  router.post(`${path}/recovery-codes`, withCode(renewRecoveryCodes));
  router.post(`${path}/off`, withCode(turnOff));

  return router;
}

const wrongCode = () =>
  new Problem(400, 'wrong-code', 'That is not the code. Each code works once: wait for the next.');
