import { bringingSchema, lendingSchema, may, type ResourceName } from '@yellow-ledger/core';
import { Router } from 'express';
import type { Ledger } from '../../db/ledger';
import { parseOrThrow } from '../../http/parseOrThrow';
import { notFound, Problem } from '../../http/problem';
import { isHiddenFrom, ownedAmong } from '../../open/hiddenFrom';
import { Permissions } from '../../open/permissions';
import { askerOf, type Who } from '../who';
import type { ClubDoor } from '../login/clubDoor';
import { askedAt, refused } from '../clubRequest';

/** Lending and giving back, and who brings which pot to the next evening. */
export function shelfRoutes(door: ClubDoor, { db }: Ledger): Router {
  const { owners, members, loans } = door.club;
  const router = Router();
  const asked = askedAt(door);

  const refuse = (who: Who, action: 'look' | 'write', kind: ResourceName, id: string) =>
    new Permissions(askerOf(who, door.club.clock), db).refuse(action, kind, id);

  async function thereOnly(kind: ResourceName, id: string, called: string) {
    if (!(await owners.of(kind, id)).isThere) throw notFound(called);
  }

  router.get(
    '/shelves',
    asked(async (who) => {
      const [lent, brings] = [await loans.list(), await loans.brings()];
      const of = (kind: ResourceName, ids: string[]) => ownedAmong(kind, [...new Set(ids)], db);
      const pots = await of(
        'pots',
        [...lent, ...brings].map(({ potId }) => potId),
      );
      const armies = await of(
        'armies',
        brings.map(({ armyId }) => armyId),
      );
      const isPotSeen = (id: string) => !isHiddenFrom(who.member.id, pots.get(id));
      return {
        // A loan that came back is not told to members who do not see the pot.
        loans: lent.filter(({ potId }) => isPotSeen(potId)),
        brings: brings.filter(
          ({ armyId, potId }) =>
            !isHiddenFrom(who.member.id, armies.get(armyId)) && isPotSeen(potId),
        ),
      };
    }),
  );

  router.post(
    '/loans',
    asked(async (who, request) => {
      const { potId, toId } = parseOrThrow(lendingSchema, request.body);
      await thereOnly('pots', potId, 'pot');
      await refuse(who, 'write', 'pots', potId);
      if (!(await members.get(toId))) throw notFound('member');
      const loan = await loans.lend(potId, toId);
      if (loan) return loan;
      throw new Problem(409, 'lent', 'This pot is lent already; it has to come back first.');
    }),
  );

  router.put(
    '/loans/:id/back',
    asked(async (who, request) => {
      const loan = await loans.get(String(request.params.id));
      if (!loan) throw notFound('loan');
      // The borrower gives it back, or its owner takes it back.
      if (loan.toId !== who.member.id) await refuse(who, 'write', 'pots', loan.potId);
      await loans.giveBack(loan.id);
    }),
  );

  router.put(
    '/brings',
    asked(async (who, request) => {
      const { is, ...bring } = parseOrThrow(bringingSchema, request.body);
      await thereOnly('armies', bring.armyId, 'army');
      await refuse(who, 'look', 'armies', bring.armyId);
      await refuse(who, 'look', 'pots', bring.potId);
      if (!may(who.member.role, 'mine', 'create', 'log')) throw refused();
      const by = { ...bring, memberId: who.member.id };
      await (is === 'brought' ? loans.bring(by) : loans.leave(by));
    }),
  );

  return router;
}
