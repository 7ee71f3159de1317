import { may, roleNames, writeTrailCsv } from '@yellow-ledger/core';
import { Router } from 'express';
import { z } from 'zod';
import { parseOrThrow } from '../../http/parseOrThrow';
import { notFound, Problem } from '../../http/problem';
import { askedAt, refuseUnless, sent } from '../clubRequest';
import { refuseUnlessConfirmed } from '../login/confirmed';
import type { ClubDoor } from '../login/clubDoor';
import { LastManager } from './memberStore';

const mostTrail = 1000;
const longestInvitationHours = 14 * 24;

const roleSchema = z.enum(roleNames, { error: `one of ${roleNames.join(', ')}` });
const inviteSchema = z.strictObject({
  role: roleSchema,
  memberId: z.string().max(64).optional(),
  dropsSecondFactor: z.boolean({ error: 'true or false' }).optional(),
  hours: z.int().min(1, '1 hour or more').max(longestInvitationHours, 'at most two weeks'),
});

/** Members, invitations, devices and the trail of a club. */
export function memberRoutes(door: ClubDoor): Router {
  const { club, cookie } = door;
  const router = Router();
  const asked = askedAt(door);

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
      const { role } = parseOrThrow(z.strictObject({ role: roleSchema }), request.body);
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
      refuseUnlessConfirmed(who, club.clock);
      if (!(await keepingAKeeper(club.putOut(who, id)))) throw notFound('member');
      if (isOwn) cookie.clear(response);
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
      const invited = parseOrThrow(inviteSchema, request.body);
      const member =
        invited.memberId === undefined ? null : await club.members.get(invited.memberId);
      if (invited.memberId !== undefined && !member) throw notFound('member');
      // A link for a member's passphrase lets whoever opens it in as them.
      if (member) refuseUnlessConfirmed(who, club.clock);
      // Or whoever holds a logged-in device of a manager could take the second factor away.
      if (invited.dropsSecondFactor && member?.id === who.member.id)
        throw new Problem(
          403,
          'not-yours',
          'Another manager makes the link that turns off your one-time codes.',
        );
      // A new passphrase gives nobody another role.
      const role = member?.role ?? invited.role;
      const made = await club.invitations.make({ ...invited, role, madeBy: who.member.id });
      await club.trail.add(who.member.id, 'invited', {
        role,
        ...(member && { memberId: member.id }),
        ...(invited.dropsSecondFactor && { codes: 'turns off one-time codes' }),
      });
      const { token, ...invitation } = made;
      const at = door.addressFor(request.headers.host ?? '');
      return { ...invitation, link: `${at}/come-in#${token}` };
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

  router.get(
    '/trail.csv',
    asked(async (who, _request, response) => {
      refuseUnless(who, 'club', 'look', 'trail');
      const [entries, members] = await Promise.all([club.trail.all(), club.members.list()]);
      const nameOf = new Map(members.map(({ id, name }) => [id, name]));
      const table = writeTrailCsv(entries, (id) => nameOf.get(id));
      response.attachment('trail.csv').type('text/csv').send(table);
      return sent;
    }),
  );

  return router;
}

async function keepingAKeeper<Answer>(work: Promise<Answer>): Promise<Answer> {
  try {
    return await work;
  } catch (error) {
    if (!(error instanceof LastManager)) throw error;
    throw new Problem(
      409,
      'last-manager',
      'A club has a manager: make somebody else one first, or nobody could let anybody in.',
    );
  }
}
