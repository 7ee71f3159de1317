import { may, type Proposal, type Recipe } from '@yellow-ledger/core';
import type { Knex } from 'knex';
import type { Ledger } from '../db/ledger';
import { notFound } from '../http/problem';
import { opaqueIdsOf } from '../open/opaqueIds';
import { Sight } from '../open/sight';
import type { Who } from './who';
import type { OwnerStore } from './ownerStore';

/** Proposals as a member may see them, and what a member may propose. */
export function proposalSight(ledger: Ledger, owners: OwnerStore) {
  const opaque = opaqueIdsOf(ledger.db);
  const sightOf = async ({ member }: Who, from: Knex | Knex.Transaction) =>
    new Sight(member.id, await opaque(), from, may(member.role, 'club', 'look', 'proposals'));

  return {
    shownTo: async (who: Who, items: readonly Proposal[]): Promise<Proposal[]> =>
      (await sightOf(who, ledger.db)).shownAll('proposals', items),

    /**
     * What is proposed, with the names its proposer was not shown put back.
     *
     * @throws Problem 404; UnknownPots
     */
    async contentOf(
      who: Who,
      { targetId, content }: Pick<Proposal, 'targetId' | 'content'>,
      within: Knex.Transaction,
    ): Promise<Recipe> {
      const sight = await sightOf(who, within);
      const target = targetId === null ? null : await ledger.records.recipes.get(targetId, within);
      if (targetId !== null) {
        const { isThere, owner } = await owners.of('recipes', targetId, within);
        if (!isThere || owner) throw notFound('house recipe');
      }
      const real = await sight.readBack('recipes', content, target?.content ?? null);
      await sight.refuseHiddenPots('recipes', real, target?.content ?? null);
      return real;
    },
  };
}
