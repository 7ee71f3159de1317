import {
  clubListNames,
  likeness,
  may,
  potIdsOf,
  type Action,
  type PermissionSubject,
  type ResourceName,
  type Bring,
  type Claim,
  type ClubListName,
  type Loan,
  type Proposal,
} from '@yellow-ledger/core';
import type { Knex } from 'knex';
import { inParts, valuesAtOnce } from '../db/inParts';
import { standingOf } from '../open/standing';
import type { TakenFile } from '../files/takenFile';
import { claimStore } from './tables/claimStore';
import { ClubClock } from './clubClock';
import { loanStore } from './tables/loanStore';
import { memberStore, type Member } from './members/memberStore';
import { proposalStore } from './proposals/proposalStore';

const recordsAtOnce = 200;

/** Records that only a club has, read in batches for its file of everything. */
export function clubPagesOf(
  list: ClubListName,
  size: number,
  within: Knex.Transaction,
): AsyncIterable<object[]> {
  const pages: Record<ClubListName, () => AsyncIterable<object[]>> = {
    members: () => memberStore(within).pages(size, within),
    proposals: () => proposalStore(within).pages(size, within),
    claims: () => claimStore(within, new ClubClock()).pages(size, within),
    loans: () => loanStore(within).loanPages(size, within),
    brings: () => loanStore(within).bringPages(size, within),
  };
  return pages[list]();
}

/**
 * Imports what only a club has. A member of the file is whoever has their name here; what names
 * somebody who is not here loses the name, or is left out where it says nothing without it.
 *
 * @param ownerId who imports it, in a club: only a manager brings in what others proposed or lent
 * @returns what was left out, in words
 */
export async function importClubLists(
  file: TakenFile,
  within: Knex.Transaction,
  ownerId?: string,
): Promise<string[]> {
  const held = clubListNames.filter((list) => list !== 'members' && file.count(list) > 0);
  if (held.length === 0) return [];
  if (ownerId !== undefined && (await memberStore(within).get(ownerId, within))?.role !== 'keeper')
    return ['what the club proposed, claimed and lent: a manager imports that'];
  const hereAs = await membersHere(file, within);
  const leftOut = { proposals: 0, claims: 0, loans: 0, brings: 0 };
  /** Those whose member is here, under the identifier they have here. */
  function known<Item>(
    list: keyof typeof leftOut,
    items: readonly Item[],
    renamed: (item: Item) => Item | null,
  ): Item[] {
    const kept = items.map(renamed).filter((item) => item !== null);
    leftOut[list] += items.length - kept.length;
    return kept;
  }

  /** Which records whoever imports may do something to. */
  async function mayFor(
    kind: ResourceName,
    action: Action,
    matter: PermissionSubject,
    ids: string[],
  ) {
    const standing = await standingOf(kind, [...new Set(ids)], ownerId ?? '', within);
    return (id: string): boolean => {
      const found = standing.get(id);
      if (!found?.isThere) return false;
      return ownerId === undefined || may('keeper', found.relation, action, matter);
    };
  }

  for (const batch of file.batches<Proposal>('proposals', recordsAtOnce)) {
    const pots = await potsHere(batch, within);
    const kept = known('proposals', batch, (proposal) =>
      proposal.state === 'open' && potIdsOf(proposal.content).some((id) => !pots.has(id))
        ? null
        : withMembers(proposal, hereAs),
    );
    await proposalStore(within).restore(kept, within);
  }
  for (const batch of file.batches<Claim>('claims', recordsAtOnce)) {
    const mayClaim = await mayFor(
      'armies',
      'write',
      'benches',
      batch.map(({ armyId }) => armyId),
    );
    const kept = known('claims', batch, (claim) =>
      mayClaim(claim.armyId) ? as(hereAs(claim.memberId), claim, 'memberId') : null,
    );
    await claimStore(within, new ClubClock()).restore(kept, within);
  }
  for (const batch of file.batches<Loan>('loans', recordsAtOnce)) {
    // Or a manager would lend themselves what is another's, and go on seeing it.
    const mayLend = await mayFor(
      'pots',
      'write',
      'pots',
      batch.map(({ potId }) => potId),
    );
    const kept = known('loans', batch, (loan) =>
      mayLend(loan.potId) ? as(hereAs(loan.toId), loan, 'toId') : null,
    );
    await loanStore(within).restoreLoans(kept, within);
  }
  for (const batch of file.batches<Bring>('brings', recordsAtOnce)) {
    const maySeeArmy = await mayFor(
      'armies',
      'look',
      'armies',
      batch.map(({ armyId }) => armyId),
    );
    const maySeePot = await mayFor(
      'pots',
      'look',
      'pots',
      batch.map(({ potId }) => potId),
    );
    const kept = known('brings', batch, (bring) =>
      maySeeArmy(bring.armyId) && maySeePot(bring.potId)
        ? as(hereAs(bring.memberId), bring, 'memberId')
        : null,
    );
    await loanStore(within).restoreBrings(kept, within);
  }
  return Object.entries(leftOut)
    .filter(([, count]) => count > 0)
    .map(([list, count]) => `${count} of the ${words[list as keyof typeof leftOut]}`);
}

const words = {
  proposals: 'proposals, whose pots are not here',
  claims: 'claims on models, by people who are no members here or in armies that are not yours',
  loans: 'loans, to people who are no members here or of pots that are not yours',
  brings: 'pots to bring, by people who are no members here or for armies you do not see',
};

type HereAs = (id: string | null) => string | null;

/** Finds the member here who is a member of the file: by identifier in the same club, else by name. */
async function membersHere(file: TakenFile, within: Knex.Transaction): Promise<HereAs> {
  const here = await memberStore(within).list(within);
  const ids = new Set(here.map(({ id }) => id));
  const byName = new Map(here.map(({ id, name }) => [likeness(name), id]));
  const found = new Map<string, string>();
  for (const batch of file.batches<Member>('members', recordsAtOnce))
    for (const { id, name } of batch) {
      const same = ids.has(id) ? id : byName.get(likeness(name));
      if (same !== undefined) found.set(id, same);
    }
  return (id) => (id === null ? null : (found.get(id) ?? null));
}

const as = <Item, Field extends keyof Item>(id: string | null, item: Item, field: Field) =>
  id === null ? null : { ...item, [field]: id };

const withMembers = (proposal: Proposal, hereAs: HereAs): Proposal => ({
  ...proposal,
  memberId: hereAs(proposal.memberId),
  decidedBy: hereAs(proposal.decidedBy),
  remarks: proposal.remarks.map((remark) => ({ ...remark, memberId: hereAs(remark.memberId) })),
});

async function potsHere(proposals: readonly Proposal[], within: Knex.Transaction) {
  const asked = [...new Set(proposals.flatMap(({ content }) => potIdsOf(content)))];
  const here = new Set<string>();
  for (const part of inParts(asked, valuesAtOnce))
    for (const id of await within('pots').whereIn('id', part).pluck<string[]>('id')) here.add(id);
  return here;
}
