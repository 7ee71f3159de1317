import type { Proposal, Recipe } from '@yellow-ledger/core';
import type { Knex } from 'knex';
import type { Ledger } from '../../db/ledger';
import { notFound } from '../../http/problem';
import { opaqueIdsOf } from '../../open/opaqueIds';
import { shadowedPots } from '../../open/shadows';
import { Sight } from '../../open/sight';
import type { Who } from '../who';
import type { OwnerStore } from '../owners/ownerStore';

/** Proposals as a member may see them, and what a member may propose. */
export function proposalSight(ledger: Ledger, owners: OwnerStore) {
  const opaque = opaqueIdsOf(ledger.db);
  return {
    /** @param who somebody who sees proposals */
    shownTo: async (who: Who, items: readonly Proposal[]): Promise<Proposal[]> =>
      new Sight(who.member.id, await opaque(), ledger.db, true).shownAll('proposals', items),

    /**
     * How what a member proposes is read, with the names its proposer was not shown put back. Made ready
     * before the transaction: within one nothing else is read.
     */
    async readerFor(who: Who) {
      const ids = await opaque();
      /** @throws Problem 404; UnknownPots */
      return async (
        { targetId, content }: Pick<Proposal, 'targetId' | 'content'>,
        within: Knex.Transaction,
      ): Promise<Recipe> => {
        const sight = new Sight(who.member.id, ids, within, true);
        const target =
          targetId === null ? null : await ledger.records.recipes.get(targetId, within);
        if (targetId !== null) {
          const { isThere, owner } = await owners.of('recipes', targetId, within);
          if (!isThere || owner) throw notFound('club recipe');
        }
        return sight.written('recipes', content, target?.content ?? null, () =>
          shadowedPots(sight, within),
        );
      };
    },
  };
}
