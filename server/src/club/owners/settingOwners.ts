import {
  may,
  referencesOf,
  resources,
  type AnyRecord,
  type ResourceName,
} from '@yellow-ledger/core';
import type { Knex } from 'knex';
import type { Ledger } from '../../db/ledger';
import { readableOnly, type RecordStore } from '../../db/recordStore';
import { notFound } from '../../http/problem';
import { standingOf } from '../../open/standing';
import type { Club } from '../club';
import type { Who } from '../who';
import { refused } from '../clubRequest';
import type { OpenTo } from './ownerStore';

/** The new owner of a record, and the members it is opened to. */
export interface Whose {
  is: 'club' | 'mine' | 'shared';
  openTo: OpenTo[];
}

/** Sets whose a record is, with all that has to go along. */
export function settingOwners(
  { owners, trail }: Pick<Club, 'owners' | 'trail'>,
  ledger: Pick<Ledger, 'records'>,
) {
  /** Recipes that a record is painted by, or stands on. */
  async function recipesNamedBy(kind: ResourceName, id: string, within: Knex.Transaction) {
    const store = ledger.records[kind] as unknown as RecordStore<AnyRecord>;
    const kept = await readableOnly(store.get(id, within));
    if (!kept) return [];
    return referencesOf(kind, kept.content).flatMap(({ kinds, id: named }) =>
      kinds[0] === 'recipes' && named !== id ? [named] : [],
    );
  }

  /** A record is opened with the owner's recipes that it is painted by, or stands on. */
  async function openAlong(
    kind: ResourceName,
    id: string,
    memberId: string,
    { is, openTo }: Whose,
    within: Knex.Transaction,
  ): Promise<string[]> {
    const opened: string[] = [];
    const open = await recipesNamedBy(kind, id, within);
    for (let next = open.pop(); next !== undefined; next = open.pop()) {
      const { isThere, owner } = await owners.of('recipes', next, within);
      if (!isThere || owner?.memberId !== memberId || owner.isShared || opened.includes(next))
        continue;
      const along = openTo.map((each): OpenTo => ({ ...each, mayWrite: false }));
      await owners.set(
        'recipes',
        next,
        { memberId, isShared: is !== 'mine', openTo: along },
        within,
      );
      opened.push(next);
      open.push(...(await recipesNamedBy('recipes', next, within)));
    }
    return opened;
  }

  /** @returns recipes that were opened with it @throws Problem 403, 404 */
  async function setWhose(
    { member: { id: memberId, role } }: Who,
    { kind, id }: { kind: ResourceName; id: string },
    whose: Whose,
    within: Knex.Transaction,
  ): Promise<string[]> {
    const standing = (await standingOf(kind, [id], memberId, within)).get(id);
    const relation = standing?.relation ?? 'other';
    if (!standing?.isThere || !may(role, relation, 'look', kind))
      throw notFound(resources[kind].label);
    const isGiven = whose.is === 'club';
    // Giving away is letting go of what one has, and making it anew as the other’s.
    const isAllowed =
      relation === 'mine' && !isGiven
        ? may(role, 'mine', 'share', kind)
        : (relation === 'club') === isGiven ||
          (may(role, relation, 'delete', kind) &&
            may(role, isGiven ? 'club' : 'mine', 'create', kind));
    if (!isAllowed || relation === 'shared' || relation === 'joint') throw refused();
    const openTo = whose.openTo.filter((each) => each.memberId !== memberId);
    const owner = { memberId, isShared: whose.is === 'shared', openTo };
    await owners.set(kind, id, isGiven ? null : owner, within);
    if (isGiven !== (relation === 'club'))
      await trail.add(memberId, 'gave', { kind, to: whose.is }, within);
    const isOpened = whose.is !== 'mine' || openTo.length > 0;
    return isOpened ? openAlong(kind, id, memberId, { ...whose, openTo }, within) : [];
  }

  return setWhose;
}
