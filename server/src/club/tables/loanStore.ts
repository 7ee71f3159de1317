import { randomUUID } from 'node:crypto';
import type { Bring, Loan } from '@yellow-ledger/core';
import type { Knex } from 'knex';
import { pagesOf } from '../../db/pagesOf';

interface LoanRow {
  id: string;
  pot_id: string;
  to_id: string;
  lent_at: string;
  back_at: string | null;
}

interface BringRow {
  army_id: string;
  pot_id: string;
  member_id: string;
}

/** Loans of pots, and who brings which. */
export interface LoanStore {
  /** the latest first */
  list(): Promise<Loan[]>;
  get(id: string): Promise<Loan | null>;
  /** @returns the loan; null where the pot is lent already */
  lend(potId: string, toId: string): Promise<Loan | null>;
  giveBack(id: string): Promise<void>;
  brings(): Promise<Bring[]>;
  bring(bring: Bring): Promise<void>;
  leave(bring: Bring): Promise<void>;
  /** in the order they came in, so many at once */
  loanPages(size: number, within: Knex.Transaction): AsyncIterable<Loan[]>;
  bringPages(size: number, within: Knex.Transaction): AsyncIterable<Bring[]>;
  /** Writes those of a file that are not here; a pot that is lent here stays with whoever has it. */
  restoreLoans(loans: readonly Loan[], within: Knex.Transaction): Promise<void>;
  restoreBrings(brings: readonly Bring[], within: Knex.Transaction): Promise<void>;
}

export function loanStore(db: Knex): LoanStore {
  return {
    list: async () => (await db<LoanRow>('loans').orderBy('lent_at', 'desc')).map(fromRow),

    async get(id) {
      const row = await db<LoanRow>('loans').where({ id }).first();
      return row ? fromRow(row) : null;
    },

    lend: (potId, toId) =>
      db.transaction(async (within) => {
        const lent = await within<LoanRow>('loans').where('pot_id', potId).whereNull('back_at');
        if (lent.length > 0) return null;
        const row: LoanRow = {
          id: randomUUID(),
          pot_id: potId,
          to_id: toId,
          lent_at: new Date().toISOString(),
          back_at: null,
        };
        await within<LoanRow>('loans').insert(row);
        return fromRow(row);
      }),

    async giveBack(id) {
      await db<LoanRow>('loans')
        .where('id', id)
        .whereNull('back_at')
        .update({ back_at: new Date().toISOString() });
    },

    async brings() {
      return (await db<BringRow>('brings')).map(bringOf);
    },

    async bring({ armyId, potId, memberId }) {
      await db('brings')
        .insert({ army_id: armyId, pot_id: potId, member_id: memberId })
        .onConflict(['army_id', 'pot_id'])
        .merge();
    },

    async *loanPages(size, within) {
      for await (const rows of pagesOf<LoanRow>('loans', 'rowid', size, within))
        yield rows.map(fromRow);
    },

    async *bringPages(size, within) {
      for await (const rows of pagesOf<BringRow>('brings', 'rowid', size, within))
        yield rows.map(bringOf);
    },

    async restoreLoans(loans, within) {
      for (const { id, potId, toId, lentAt, backAt } of loans)
        await within('loans')
          .insert({ id, pot_id: potId, to_id: toId, lent_at: lentAt, back_at: backAt })
          // Also where the pot is lent here: it is with one at a time.
          .onConflict()
          .ignore();
    },

    async restoreBrings(brings, within) {
      for (const { armyId, potId, memberId } of brings)
        await within('brings')
          .insert({ army_id: armyId, pot_id: potId, member_id: memberId })
          .onConflict(['army_id', 'pot_id'])
          .ignore();
    },

    async leave({ armyId, potId, memberId }) {
      await db('brings').where({ army_id: armyId, pot_id: potId, member_id: memberId }).delete();
    },
  };
}

const bringOf = ({ army_id, pot_id, member_id }: BringRow): Bring => ({
  armyId: army_id,
  potId: pot_id,
  memberId: member_id,
});

const fromRow = ({ id, pot_id, to_id, lent_at, back_at }: LoanRow): Loan => ({
  id,
  potId: pot_id,
  toId: to_id,
  lentAt: lent_at,
  backAt: back_at,
});
