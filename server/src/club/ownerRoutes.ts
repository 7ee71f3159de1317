import { may, resourceNames, resources, type ResourceName } from '@yellow-ledger/core';
import { Router } from 'express';
import { z } from 'zod';
import { accept } from '../http/accept';
import { notFound } from '../http/problem';
import { askedAt, refused } from './clubRequest';
import type { ClubDoor } from './clubDoor';
import { relationOf } from './ownerStore';

const kindSchema = z.enum(resourceNames, { error: `one of ${resourceNames.join(', ')}` });
/** Whose a record is to be: the club’s; mine, for me alone; or mine, and shown to all. */
const whoseSchema = z.strictObject({
  is: z.enum(['club', 'mine', 'shared'], { error: 'club, mine or shared' }),
});

/** Whose each record is, and making it another’s. */
export function ownerRoutes(door: ClubDoor): Router {
  const { owners, trail } = door.club;
  const router = Router();
  const asked = askedAt(door);

  /** What somebody shows is shown with the recipes of theirs that it is painted by, or stands on. */
  async function showAlong(kind: ResourceName, id: string, memberId: string): Promise<string[]> {
    const shown: string[] = [];
    const open = await owners.recipesNamedBy(kind, id);
    for (let next = open.pop(); next !== undefined; next = open.pop()) {
      const { isThere, owner } = await owners.of('recipes', next);
      if (!isThere || owner?.memberId !== memberId || owner.isShared) continue;
      await owners.set('recipes', next, { memberId, isShared: true });
      shown.push(next);
      open.push(...(await owners.recipesNamedBy('recipes', next)));
    }
    return shown;
  }

  router.get(
    '/owners',
    asked(async ({ member }) => ({
      items: (await owners.list(null)).filter(({ kind, ...owner }) =>
        may(member.role, relationOf(owner, member.id), 'look', kind),
      ),
    })),
  );

  router.put(
    '/owners/:kind/:id',
    asked(async ({ member: { id: memberId, role } }, request) => {
      const { kind, id } = accept(z.object({ kind: kindSchema, id: z.string() }), request.params);
      const { is } = accept(whoseSchema, request.body);
      const { isThere, owner } = await owners.of(kind, id);
      const relation = relationOf(owner, memberId);
      if (!isThere || !may(role, relation, 'look', kind)) throw notFound(resources[kind].label);
      const isGiven = is === 'club';
      // Giving away is letting go of what one has, and making it anew as the other’s.
      const isAllowed =
        relation === 'mine' && !isGiven
          ? may(role, 'mine', 'share', kind)
          : (relation === 'club') === isGiven ||
            (may(role, relation, 'delete', kind) &&
              may(role, isGiven ? 'club' : 'mine', 'create', kind));
      if (!isAllowed || relation === 'shared') throw refused();
      await owners.set(kind, id, isGiven ? null : { memberId, isShared: is === 'shared' });
      if (isGiven !== (relation === 'club'))
        await trail.add(memberId, 'gave', { kind, id, to: is });
      return { along: is === 'mine' ? [] : await showAlong(kind, id, memberId) };
    }),
  );

  return router;
}
