import { claimingSchema, may } from '@yellow-ledger/core';
import { Router } from 'express';
import type { Ledger } from '../../db/ledger';
import { parseOrThrow } from '../../http/parseOrThrow';
import { notFound, Problem } from '../../http/problem';
import { isHiddenFrom, ownedAmong } from '../../open/hiddenFrom';
import { standingOf } from '../../open/standing';
import { askedAt, refused } from '../clubRequest';
import type { ClubDoor } from '../login/clubDoor';

/** Claims on models. */
export function claimRoutes(door: ClubDoor, { db }: Ledger): Router {
  const { members, claims } = door.club;
  const router = Router();
  const asked = askedAt(door);

  router.get(
    '/claims',
    asked(async ({ member }) => {
      const all = await claims.list();
      const owned = await ownedAmong('armies', [...new Set(all.map(({ armyId }) => armyId))], db);
      return { items: all.filter(({ armyId }) => !isHiddenFrom(member.id, owned.get(armyId))) };
    }),
  );

  router.put(
    '/claims',
    asked(async ({ member }, request) => {
      const { is, evenIfTaken, ...models } = parseOrThrow(claimingSchema, request.body);
      const standing = (await standingOf('armies', [models.armyId], member.id, db)).get(
        models.armyId,
      );
      const relation = standing?.relation ?? 'other';
      if (!standing?.isThere || !may(member.role, relation, 'look', 'armies'))
        throw notFound('army');
      if (!may(member.role, relation, 'write', 'benches')) throw refused();
      if (is === 'let go') return claims.letGo(models, member.id);
      const others = await claims.take(models, member.id, evenIfTaken);
      if (others.length === 0) return undefined;
      const who = await members.get(others[0].memberId);
      const numbers = others.map(({ model }) => model).join(', ');
      throw new Problem(
        409,
        'taken',
        `${who?.name ?? 'Somebody'} is painting model ${numbers} already. Agree on it, or paint it anyway.`,
        { current: others },
      );
    }),
  );

  return router;
}
