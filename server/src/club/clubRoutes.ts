import {
  may,
  memberNameSchema,
  roleNames,
  type Action,
  type Matter,
  type Relation,
} from '@yellow-ledger/core';
import { json, Router, type Request, type RequestHandler, type Response } from 'express';
import { z } from 'zod';
import { accept } from '../http/accept';
import { notFound, Problem } from '../http/problem';
import type { CameIn, Club, Who } from './club';
import { clearToken, setToken, tokenIn } from './cookie';
import { LastKeeper, NameTaken } from './memberStore';
import { passphraseSchema } from './passphrases';

const mostTrail = 1000;
const longestInvitationHours = 14 * 24;

const tokenSchema = z.string({ error: 'a link of this club' }).max(100, 'a link of this club');
const device = z.string().max(120).default('a device');
const comeInSchema = z.strictObject({
  // As it was typed: a name nobody has is not told from one that is no name.
  name: z.string({ error: 'a name' }).max(200, 'a name'),
  passphrase: z.string({ error: 'a passphrase' }).max(1000, 'a passphrase'),
  isShared: z.boolean({ error: 'true or false' }).default(false),
  device,
});
const joinSchema = z.strictObject({
  token: tokenSchema,
  name: memberNameSchema,
  passphrase: passphraseSchema,
  device,
});
const roleSchema = z.enum(roleNames, { error: `one of ${roleNames.join(', ')}` });
const inviteSchema = z.strictObject({
  role: roleSchema,
  memberId: z.string().max(64).optional(),
  hours: z.int().min(1, '1 hour or more').max(longestInvitationHours, 'at most two weeks'),
});

/** Refuses who has not come in. */
const comeInFirst = () =>
  new Problem(401, 'come-in', 'Come in first: the club lets in its members.');
const refused = () => new Problem(403, 'not-yours', 'That is not yours to do in this club.');

/** Who asks. @throws Problem 401 */
export async function whoAsks(club: Club, request: Request): Promise<Who> {
  const token = tokenIn(request);
  const who = token === null ? null : await club.who(token);
  if (!who) throw comeInFirst();
  return who;
}

/** @throws Problem 403 where the table of rights does not say so */
export function refuseUnless(who: Who, relation: Relation, action: Action, matter: Matter): void {
  if (!may(who.member.role, relation, action, matter)) throw refused();
}

/** Coming in, members, invitations, devices and the trail of a club. */
export function clubRoutes(club: Club): Router {
  const router = Router();
  router.use(json({ limit: 20_000 }));
  // Nothing of it is kept by anything between here and the page.
  router.use((_request, response, next) => {
    response.set('Cache-Control', 'no-store');
    next();
  });
  const addressOf = (request: Request) => request.ip ?? 'nowhere';
  const asked =
    (does: (who: Who, request: Request, response: Response) => Promise<unknown>): RequestHandler =>
    async (request, response) => {
      const answer = await does(await whoAsks(club, request), request, response);
      if (answer === undefined) response.status(204).end();
      else response.json(answer);
    };

  router.post('/come-in', async (request, response) => {
    const typed = accept(comeInSchema, request.body);
    const came = await club.comeIn(typed, addressOf(request));
    answerCameIn(came, response, 'This name and this passphrase do not belong together.');
  });

  router.post('/join', async (request, response) => {
    const typed = accept(joinSchema, request.body);
    try {
      const came = await club.join(typed, addressOf(request));
      answerCameIn(came, response, linkGone);
    } catch (error) {
      if (!(error instanceof NameTaken)) throw error;
      throw new Problem(
        409,
        'name-taken',
        'Somebody here has this name, or one that looks like it.',
      );
    }
  });

  router.post('/link', async (request, response) => {
    const { token } = accept(z.strictObject({ token: tokenSchema }), request.body);
    const link = await club.invitations.of(token);
    if (!link) throw new Problem(404, 'link-gone', linkGone);
    const member = link.memberId === null ? null : await club.members.get(link.memberId);
    response.json({ role: link.role, name: member?.name ?? null });
  });

  router.post('/go-out', async (request, response) => {
    const token = tokenIn(request);
    const who = token === null ? null : await club.who(token);
    if (who) await club.sessions.end(who.device.id);
    clearToken(response);
    response.status(204).end();
  });

  router.get(
    '/me',
    asked(async ({ member, device: { id, isShared } }) => ({ member, deviceId: id, isShared })),
  );

  router.get(
    '/members',
    asked(async (who) => {
      refuseUnless(who, 'club', 'look', 'members');
      return { items: await club.members.list() };
    }),
  );

  router.put(
    '/members/:id/role',
    asked(async (who, request) => {
      refuseUnless(who, 'club', 'write', 'members');
      const { role } = accept(z.strictObject({ role: roleSchema }), request.body);
      const id = String(request.params.id);
      if (!(await keepingAKeeper(club.giveRole(who, id, role)))) throw notFound('member');
    }),
  );

  router.delete(
    '/members/:id',
    asked(async (who, request, response) => {
      const id = String(request.params.id);
      const isOwn = id === who.member.id;
      refuseUnless(who, isOwn ? 'mine' : 'club', 'delete', 'members');
      if (!(await keepingAKeeper(club.putOut(who, id)))) throw notFound('member');
      if (isOwn) clearToken(response);
    }),
  );

  router.get(
    '/invitations',
    asked(async (who) => {
      refuseUnless(who, 'club', 'look', 'invitations');
      return { items: await club.invitations.list() };
    }),
  );

  router.post(
    '/invitations',
    asked(async (who, request) => {
      refuseUnless(who, 'club', 'create', 'invitations');
      const invited = accept(inviteSchema, request.body);
      const member =
        invited.memberId === undefined ? null : await club.members.get(invited.memberId);
      if (invited.memberId !== undefined && !member) throw notFound('member');
      // A new passphrase gives nobody another role.
      const role = member?.role ?? invited.role;
      const made = await club.invitations.make({ ...invited, role, madeBy: who.member.id });
      await club.trail.add(who.member.id, 'invited', {
        role,
        ...(member && { memberId: member.id }),
      });
      return made;
    }),
  );

  router.delete(
    '/invitations/:id',
    asked(async (who, request) => {
      refuseUnless(who, 'club', 'delete', 'invitations');
      await club.invitations.remove(String(request.params.id));
    }),
  );

  router.get(
    '/devices',
    asked(async (who) => {
      refuseUnless(who, 'mine', 'look', 'devices');
      return { items: await club.sessions.list(who.member.id) };
    }),
  );

  router.delete(
    '/devices/:id',
    asked(async (who, request) => {
      const found = await club.sessions.get(String(request.params.id));
      const relation = found?.memberId === who.member.id ? 'mine' : 'other';
      // Another's device is not told from one that is not there.
      if (!found || !may(who.member.role, relation, 'delete', 'devices')) throw notFound('device');
      await club.sessions.end(found.id);
      await club.trail.add(who.member.id, 'ended a device', {
        memberId: found.memberId,
        device: found.device,
      });
    }),
  );

  router.get(
    '/trail',
    asked(async (who) => {
      refuseUnless(who, 'club', 'look', 'trail');
      return { items: await club.trail.list(mostTrail) };
    }),
  );

  return router;
}

const linkGone =
  'This link lets nobody in: it was used, has ended, or was taken back. Ask a keeper for a new one.';

function answerCameIn(came: CameIn, response: Response, wrong: string): void {
  if (came === null) throw new Problem(401, 'not-in', wrong);
  if ('waitMs' in came) {
    const seconds = Math.ceil(came.waitMs / 1000);
    response.set('Retry-After', String(seconds));
    throw new Problem(429, 'wait', `Too much went wrong of late. Try again in ${seconds} s.`);
  }
  setToken(response, came.token, came.lastsMs);
  response.json({ member: came.member });
}

async function keepingAKeeper<Answer>(work: Promise<Answer>): Promise<Answer> {
  try {
    return await work;
  } catch (error) {
    if (!(error instanceof LastKeeper)) throw error;
    throw new Problem(
      409,
      'last-keeper',
      'A club has a keeper: make somebody else one first, or nobody could let anybody in.',
    );
  }
}
