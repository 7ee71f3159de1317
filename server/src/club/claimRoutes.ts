import { claimingSchema, may } from '@yellow-ledger/core';
import { Router } from 'express';
import { accept } from '../http/accept';
import { notFound, Problem } from '../http/problem';
import { askedAt, refused } from './clubRequest';
import type { ClubDoor } from './clubDoor';
import { relationOf } from './ownerStore';

/** Who has taken up which models. */
export function claimRoutes(door: ClubDoor): Router {
  const { owners, members, claims } = door.club;
  const router = Router();
  const asked = askedAt(door);

  router.get(
    '/claims',
    asked(async ({ member }) => {
      const hidden = new Set(
        (await owners.list('armies'))
          .filter((owner) => !may(member.role, relationOf(owner, member.id), 'look', 'armies'))
          .map(({ id }) => id),
      );
      return { items: (await claims.list()).filter(({ armyId }) => !hidden.has(armyId)) };
    }),
  );

  router.put(
    '/claims',
    asked(async ({ member }, request) => {
      const { is, evenIfTaken, ...models } = accept(claimingSchema, request.body);
      const { isThere, owner } = await owners.of('armies', models.armyId);
      const relation = relationOf(owner, member.id);
      if (!isThere || !may(member.role, relation, 'look', 'armies')) throw notFound('army');
      if (!may(member.role, relation, 'write', 'benches')) throw refused();
      if (is === 'let go') return claims.letGo(models, member.id);
      const others = await claims.take(models, member.id, evenIfTaken);
      if (others.length === 0) return undefined;
      const who = await members.get(others[0].memberId);
      const numbers = others.map(({ model }) => model).join(', ');
      throw new Problem(
        409,
        'taken',
        `${who?.name ?? 'Somebody'} has taken up model ${numbers} already. Agree on it, or take it up all the same.`,
        { current: others },
      );
    }),
  );

  return router;
}
