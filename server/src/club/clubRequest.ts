import { may, type Action, type PermissionSubject, type Relation } from '@yellow-ledger/core';
import type { Request, RequestHandler, Response } from 'express';
import { Problem } from '../http/problem';
import type { Who } from './who';
import type { ClubDoor } from './login/clubDoor';

/** Carries as whom the page that asks was opened. */
const memberHead = 'X-Member';

/** Refuses who has not come in. */
const comeInFirst = () =>
  new Problem(401, 'come-in', 'Come in first: the club lets in its members.');
export const refused = () => new Problem(403, 'not-yours', 'That is not yours to do in this club.');

/** The member who asks. @throws Problem 401 */
export async function whoAsks({ club, cookie }: ClubDoor, request: Request): Promise<Who> {
  const token = cookie.tokenIn(request);
  const who = token === null ? null : await club.who(token);
  if (!who) throw comeInFirst();
  // A page that was opened as somebody else does nothing in the name of who came in after them.
  const meant = request.get(memberHead);
  if (meant !== undefined && meant !== who.member.id) throw comeInFirst();
  return who;
}

/** @throws Problem 403 where the table of rights does not say so */
export function refuseUnless(
  who: Who,
  relation: Relation,
  action: Action,
  matter: PermissionSubject,
): void {
  if (!may(who.member.role, relation, action, matter)) throw refused();
}

/** Tells how long to wait after too many wrong answers. */
export function toWait(waitMs: number, response: Response): Problem {
  const seconds = Math.ceil(waitMs / 1000);
  response.set('Retry-After', String(seconds));
  return new Problem(429, 'wait', `Too much went wrong of late. Try again in ${seconds} s.`);
}

/** Says that a route has answered itself. */
export const sent = Symbol('sent');

/** Routes of who has come in: what they answer is sent as JSON, and where they answer nothing, that. */
export const askedAt =
  (door: ClubDoor) =>
  (does: (who: Who, request: Request, response: Response) => Promise<unknown>): RequestHandler =>
  async (request, response) => {
    const answer = await does(await whoAsks(door, request), request, response);
    if (answer === sent) return;
    if (answer === undefined) response.status(204).end();
    else response.json(answer);
  };

/** Lets through who has come in, and nobody else. */
export const inFirst =
  (door: ClubDoor): RequestHandler =>
  async (request, _response, next) => {
    await whoAsks(door, request);
    next();
  };
