import {
  approvingSchema,
  decliningSchema,
  may,
  proposingSchema,
  remarkingSchema,
  type Action,
  type PermissionSubject,
  type Proposal,
} from '@yellow-ledger/core';
import { Router, type Request } from 'express';
import type { Ledger } from '../../db/ledger';
import { StaleWrite } from '../../db/storeErrors';
import { parseOrThrow } from '../../http/parseOrThrow';
import { notFound, Problem } from '../../http/problem';
import { approve, CannotApprove } from './approve';
import type { Who } from '../who';
import type { ClubDoor } from '../login/clubDoor';
import { askedAt, refused, refuseUnless } from '../clubRequest';
import { proposalSight } from './proposalSight';
import { proposalStore } from './proposalStore';

/** Proposals to the club, their remarks, and a manager's decision. */
export function proposalRoutes(door: ClubDoor, ledger: Ledger): Router {
  const { owners, trail } = door.club;
  const proposals = proposalStore(ledger.db);
  const sight = proposalSight(ledger, owners);
  const router = Router();
  const asked = askedAt(door);

  /** A proposal of a request; what it is to who asks is theirs or another’s, and all of it is the club’s. */
  async function proposalFor(
    who: Who,
    request: Request,
    action: Action,
    matter: PermissionSubject,
  ) {
    const found = await proposals.get(String(request.params.id));
    if (!found || !may(who.member.role, 'club', 'look', 'proposals')) throw notFound('proposal');
    const isOwn = found.memberId === who.member.id;
    const isAllowed = (['mine', 'club'] as const).some(
      (relation) =>
        (relation === 'club' || isOwn) && may(who.member.role, relation, action, matter),
    );
    if (!isAllowed) throw refused();
    return found;
  }

  function openOnly(proposal: Proposal): Proposal {
    if (proposal.state === 'open') return proposal;
    throw new Problem(409, 'decided', `This was ${proposal.state} already.`);
  }

  router.get(
    '/proposals',
    asked(async (who) => {
      refuseUnless(who, 'club', 'look', 'proposals');
      return { items: await sight.shownTo(who, await proposals.list()) };
    }),
  );

  router.post(
    '/proposals',
    asked(async (who, request) => {
      refuseUnless(who, 'mine', 'create', 'proposals');
      const proposed = parseOrThrow(proposingSchema, request.body);
      const contentOf = await sight.readerFor(who);
      const id = await ledger.db.transaction(async (within) => {
        const content = await contentOf(proposed, within);
        const added = await proposals.add(
          { ...proposed, content, memberId: who.member.id },
          within,
        );
        const about = { proposal: added, recipe: content.name };
        await trail.add(who.member.id, 'proposed', about, within);
        return added;
      });
      return { id };
    }),
  );

  router.delete(
    '/proposals/:id',
    asked(async (who, request) => {
      const { id, memberId } = openOnly(await proposalFor(who, request, 'look', 'proposals'));
      // Withdrawn by who made it alone; a manager declines it, with a reason.
      if (memberId !== who.member.id || !may(who.member.role, 'mine', 'delete', 'proposals'))
        throw refused();
      await proposals.withdraw(id);
    }),
  );

  router.post(
    '/proposals/:id/remarks',
    asked(async (who, request) => {
      const { id } = await proposalFor(who, request, 'look', 'proposals');
      refuseUnless(who, 'mine', 'create', 'remarks');
      const remark = parseOrThrow(remarkingSchema, request.body);
      await proposals.remark(id, { ...remark, memberId: who.member.id });
    }),
  );

  router.delete(
    '/proposals/:id/remarks/:remarkId',
    asked(async (who, request) => {
      const { id } = await proposalFor(who, request, 'look', 'proposals');
      const remarkId = String(request.params.remarkId);
      const by = await proposals.remarkBy(id, remarkId);
      if (by === undefined) throw notFound('remark');
      refuseUnless(who, by === who.member.id ? 'mine' : 'club', 'delete', 'remarks');
      await proposals.removeRemark(remarkId);
    }),
  );

  router.post(
    '/proposals/:id/approved',
    asked(async (who, request) => {
      const looked = openOnly(await proposalFor(who, request, 'decide', 'proposals'));
      const { revision } = parseOrThrow(approvingSchema, request.body);
      try {
        return await ledger.db.transaction(async (within) => {
          const proposal = await proposals.get(looked.id, within);
          if (!proposal) throw notFound('proposal');
          const made = await approve(openOnly(proposal), revision, ledger, within);
          await proposals.decide(
            proposal.id,
            {
              state: 'approved',
              by: who.member.id,
              targetId: made.recipeId,
              version: made.version,
            },
            within,
          );
          await trail.add(
            who.member.id,
            'approved',
            {
              proposal: proposal.id,
              recipe: proposal.content.name,
              version: String(made.version),
            },
            within,
          );
          return made;
        });
      } catch (error) {
        if (error instanceof CannotApprove) throw new Problem(409, 'cannot-approve', error.message);
        if (!(error instanceof StaleWrite)) throw error;
        throw new Problem(
          409,
          'stale',
          'The club recipe was changed since you looked at it. Look at the two once more.',
        );
      }
    }),
  );

  router.post(
    '/proposals/:id/declined',
    asked(async (who, request) => {
      const { id } = openOnly(await proposalFor(who, request, 'decide', 'proposals'));
      const { reason } = parseOrThrow(decliningSchema, request.body);
      await ledger.db.transaction(async (within) => {
        const decided = { state: 'declined', by: who.member.id, reason } as const;
        if (!(await proposals.decide(id, decided, within)))
          throw new Problem(409, 'decided', 'Somebody decided on this already.');
        await trail.add(who.member.id, 'declined', { proposal: id, reason }, within);
      });
    }),
  );

  return router;
}
