import { randomUUID } from 'node:crypto';
import { potIdsOf, proposalSchema, type Proposal, type Recipe } from '@yellow-ledger/core';
import type { Knex } from 'knex';
import { insertMany } from '../../db/inParts';
import { pagesOf } from '../../db/pagesOf';
import { linkPots, unlinkPots } from '../../db/potLinks';
import { parsed } from '../../db/recordStore';

interface ProposalRow {
  id: string;
  target_id: string | null;
  member_id: string | null;
  made_at: string;
  words: string;
  content: string;
  state: Proposal['state'];
  decided_by: string | null;
  decided_at: string | null;
  reason: string | null;
  version: number | null;
}

interface RemarkRow {
  id: string;
  proposal_id: string;
  step_id: string | null;
  member_id: string | null;
  made_at: string;
  words: string;
}

/** The proposals of members to the club. */
export interface ProposalStore {
  /** the newest first */
  list(): Promise<Proposal[]>;
  get(id: string, within?: Knex.Transaction): Promise<Proposal | null>;
  add(
    proposed: { targetId: string | null; memberId: string; words: string; content: Recipe },
    within: Knex.Transaction,
  ): Promise<string>;
  withdraw(id: string): Promise<void>;
  remark(
    proposalId: string,
    remark: { stepId: string | null; memberId: string; words: string },
  ): Promise<void>;
  /** @returns who made it; undefined where there is none */
  remarkBy(proposalId: string, id: string): Promise<string | null | undefined>;
  removeRemark(id: string): Promise<void>;
  /** in the order they came in, so many at once */
  pages(size: number, within: Knex.Transaction): AsyncIterable<Proposal[]>;
  /** Writes those of a file that are not here. @throws UnknownPots for one that is open */
  restore(proposals: readonly Proposal[], within: Knex.Transaction): Promise<void>;
  /** @returns whether it was still open */
  decide(
    id: string,
    decided:
      | { state: 'approved'; by: string; targetId: string; version: number }
      | { state: 'declined'; by: string; reason: string },
    within: Knex.Transaction,
  ): Promise<boolean>;
}

export function proposalStore(db: Knex): ProposalStore {
  const now = () => new Date().toISOString();

  async function read(
    rows: readonly ProposalRow[],
    from: Knex | Knex.Transaction = db,
  ): Promise<Proposal[]> {
    const remarks = await from<RemarkRow>('remarks').orderBy('made_at');
    return rows.flatMap((row) => {
      const proposal = fromRow(
        row,
        remarks.filter((each) => each.proposal_id === row.id),
      );
      // One that nobody can read hides none of the others.
      return proposal.success ? [proposal.data] : [];
    });
  }

  return {
    list: async () => read(await db<ProposalRow>('proposals').orderBy('made_at', 'desc')),

    get: async (id, within) =>
      (await read(await (within ?? db)<ProposalRow>('proposals').where({ id }), within))[0] ?? null,

    async add({ targetId, memberId, words, content }, within) {
      const id = randomUUID();
      await within('proposals').insert({
        id,
        target_id: targetId,
        member_id: memberId,
        made_at: now(),
        words,
        content: JSON.stringify(content),
        state: 'open',
      });
      // A member who may look at it sees the pots it is mixed from too.
      await linkPots(within, 'proposals', id, potIdsOf(content));
      return id;
    },

    async withdraw(id) {
      await db.transaction(async (within) => {
        if (await within('proposals').where({ id, state: 'open' }).delete())
          await unlinkPots(within, 'proposals', id);
      });
    },

    async remark(proposalId, { stepId, memberId, words }) {
      await db('remarks').insert({
        id: randomUUID(),
        proposal_id: proposalId,
        step_id: stepId,
        member_id: memberId,
        made_at: now(),
        words,
      });
    },

    async remarkBy(proposal_id, id) {
      return (await db<RemarkRow>('remarks').where({ id, proposal_id }).first())?.member_id;
    },

    async removeRemark(id) {
      await db('remarks').where({ id }).delete();
    },

    async *pages(size, within) {
      for await (const rows of pagesOf<ProposalRow>('proposals', 'rowid', size, within))
        yield read(rows, within);
    },

    async restore(proposals, within) {
      for (const proposal of proposals) {
        if (await within('proposals').where({ id: proposal.id }).first()) continue;
        await within('proposals').insert(toRow(proposal));
        await insertMany(
          within,
          'remarks',
          proposal.remarks.map((remark) => ({
            id: remark.id,
            proposal_id: proposal.id,
            step_id: remark.stepId,
            member_id: remark.memberId,
            made_at: remark.madeAt,
            words: remark.words,
          })),
        );
        if (proposal.state === 'open')
          await linkPots(within, 'proposals', proposal.id, potIdsOf(proposal.content));
      }
    },

    async decide(id, decided, within) {
      const changed = await within('proposals')
        .where({ id, state: 'open' })
        .update({
          state: decided.state,
          decided_by: decided.by,
          decided_at: now(),
          ...(decided.state === 'approved'
            ? { target_id: decided.targetId, version: decided.version }
            : { reason: decided.reason }),
        });
      // Once it is decided it keeps nobody from deleting a pot.
      if (changed > 0) await unlinkPots(within, 'proposals', id);
      return changed > 0;
    },
  };
}

const toRow = (proposal: Proposal): ProposalRow => ({
  id: proposal.id,
  target_id: proposal.targetId,
  member_id: proposal.memberId,
  made_at: proposal.madeAt,
  words: proposal.words,
  content: JSON.stringify(proposal.content),
  state: proposal.state,
  decided_by: proposal.decidedBy,
  decided_at: proposal.decidedAt,
  reason: proposal.reason,
  version: proposal.version,
});

const fromRow = (row: ProposalRow, remarks: readonly RemarkRow[]) =>
  proposalSchema.safeParse({
    id: row.id,
    targetId: row.target_id,
    memberId: row.member_id,
    madeAt: row.made_at,
    words: row.words,
    content: parsed(row.content),
    state: row.state,
    decidedBy: row.decided_by,
    decidedAt: row.decided_at,
    reason: row.reason,
    version: row.version,
    remarks: remarks.map((remark) => ({
      id: remark.id,
      stepId: remark.step_id,
      memberId: remark.member_id,
      madeAt: remark.made_at,
      words: remark.words,
    })),
  });
