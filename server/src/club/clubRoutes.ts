import { memberNameSchema, passphraseSchema } from '@yellow-ledger/core';
import { json, Router, type Request, type Response } from 'express';
import { z } from 'zod';
import { parseOrThrow } from '../http/parseOrThrow';
import { notFound, Problem } from '../http/problem';
import type { CameIn } from './login/logins';
import { isFirst } from './members/invitationStore';
import { deviceKnownMs } from './login/knownDevices';
import { askedAt, toWait } from './clubRequest';
import type { ClubDoor } from './login/clubDoor';
import { NameTaken } from './members/memberStore';
import { newToken } from './login/tokens';

const tokenSchema = z.string({ error: 'a link of this club' }).max(100, 'a link of this club');
const device = z.string().max(120).default('a device');
/** asked for where the member turned on one-time codes */
const code = z.string({ error: 'a code' }).max(40, 'a code').optional();
const comeInSchema = z.strictObject({
  // As it was typed: a name nobody has is not told from one that is no name.
  name: z.string({ error: 'a name' }).max(200, 'a name'),
  passphrase: z.string({ error: 'a passphrase' }).max(1000, 'a passphrase'),
  isShared: z.boolean({ error: 'true or false' }).default(false),
  device,
  code,
});
const joinSchema = z.strictObject({
  token: tokenSchema,
  name: memberNameSchema,
  passphrase: passphraseSchema,
  device,
  code,
  // Asked of the first manager, whose ledger it was until now.
  ledgerIs: z.enum(['mine', 'club'], { error: 'mine or club' }).default('mine'),
});
const confirmSchema = z.strictObject({
  passphrase: z.string({ error: 'a passphrase' }).max(1000, 'a passphrase'),
});
const changeSchema = z.strictObject({
  old: z.string({ error: 'a passphrase' }).max(1000, 'a passphrase'),
  passphrase: passphraseSchema,
});

/** Coming into a club and going out again; the members’ part of it stands in `memberRoutes`. */
export function clubRoutes(door: ClubDoor): Router {
  const { club, cookie, deviceCookie } = door;
  const router = Router();
  router.use(json({ limit: 20_000 }));
  // Nothing of it is kept by anything between here and the page.
  router.use((_request, response, next) => {
    response.set('Cache-Control', 'no-store');
    next();
  });
  const asked = askedAt(door);

  /** Answers a login. Who logs in on a device takes the place of who was logged in on it. */
  async function answerCameIn(came: CameIn, request: Request, response: Response, wrong: string) {
    if (came === null) throw new Problem(401, 'not-in', wrong);
    if ('waitMs' in came) throw toWait(came.waitMs, response);
    if ('codeIs' in came) throw codeProblem(came.codeIs);
    const token = cookie.tokenIn(request);
    const before = token === null ? null : await club.who(token);
    if (before) await club.sessions.end(before.device.id);
    const deviceToken = deviceCookie.tokenIn(request) ?? newToken();
    await club.devices.remember(came.member.id, deviceToken);
    cookie.set(response, came.token, came.lastsMs);
    deviceCookie.set(response, deviceToken, deviceKnownMs);
    response.json({ member: came.member });
  }

  router.post('/come-in', async (request, response) => {
    const typed = parseOrThrow(comeInSchema, request.body);
    const address = request.ip ?? 'nowhere';
    const came = await club.comeIn(typed, { address, deviceToken: deviceCookie.tokenIn(request) });
    const wrong = 'This name and this passphrase do not belong together.';
    await answerCameIn(came, request, response, wrong);
  });

  router.post('/join', async (request, response) => {
    const typed = parseOrThrow(joinSchema, request.body);
    try {
      await answerCameIn(await club.join(typed), request, response, linkGone);
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
    const { token } = parseOrThrow(z.strictObject({ token: tokenSchema }), request.body);
    const link = await club.invitations.of(token);
    if (!link) throw new Problem(404, 'link-gone', linkGone);
    const member = link.memberId === null ? null : await club.members.get(link.memberId);
    response.json({
      role: link.role,
      name: member?.name ?? null,
      needsCode:
        member !== null && !link.dropsSecondFactor && (await club.secondFactors.isOn(member.id)),
      ...(isFirst(link) && { holds: await club.holds() }),
    });
  });

  router.post('/go-out', async (request, response) => {
    const token = cookie.tokenIn(request);
    const who = token === null ? null : await club.who(token);
    if (who) await club.sessions.end(who.device.id);
    cookie.clear(response);
    response.status(204).end();
  });

  router.put(
    '/passphrase',
    asked(async (who, request, response) => {
      const typed = parseOrThrow(changeSchema, request.body);
      const done = await club.changePassphrase(who, typed);
      if (done === true) return;
      if (done !== false) throw toWait(done.waitMs, response);
      throw new Problem(400, 'not-the-old-one', 'That is not your passphrase until now.');
    }),
  );

  router.post(
    '/confirm',
    asked(async (who, request, response) => {
      const { passphrase } = parseOrThrow(confirmSchema, request.body);
      const done = await club.confirm(who, passphrase);
      if (done === true) return;
      if (done !== false) throw toWait(done.waitMs, response);
      throw new Problem(400, 'not-the-old-one', 'That is not your passphrase.');
    }),
  );

  // Told to strangers too: a phone trusts the club before it comes in.
  router.get('/trust', (_request, response) => {
    response.json({ fingerprint: door.root?.fingerprint ?? null });
  });

  router.get('/trust/root.crt', (_request, response) => {
    if (!door.root) throw notFound('certificate that was made here');
    response
      .attachment('yellow-ledger-root.crt')
      .type('application/x-x509-ca-cert')
      .send(door.root.certificate);
  });

  router.get(
    '/me',
    asked(async ({ member, device: { id, isShared, endsAt } }) => ({
      member,
      deviceId: id,
      isShared,
      endsAt,
      notices: await club.noticesFor(member.id, id),
    })),
  );

  router.post(
    '/me/notices-seen',
    asked(async ({ member, device }) => {
      await club.noteNoticesSeen(member.id, device.id);
    }),
  );

  return router;
}

const codeProblem = (codeIs: 'missing' | 'wrong') =>
  codeIs === 'missing'
    ? new Problem(401, 'code-needed', 'Enter the code that your authenticator app shows.')
    : new Problem(
        401,
        'code-wrong',
        'That is not the code. Wait for the next one, or use a recovery code.',
      );

const linkGone =
  'This link lets nobody in: it was used, has ended, or was taken back. Ask a manager for a new one.';
