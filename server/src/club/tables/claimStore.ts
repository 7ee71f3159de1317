import type { Claim } from '@yellow-ledger/core';
import type { Knex } from 'knex';
import { pagesOf } from '../../db/pagesOf';
import type { ClubClock } from '../clubClock';

interface ClaimRow {
  army_id: string;
  unit_id: string;
  model: number;
  member_id: string;
  at: string;
}

/** Models of one unit. */
export interface Models {
  armyId: string;
  unitId: string;
  models: readonly number[];
}

/** A claim ends after two weeks, ms. */
const lastsMs = 14 * 24 * 3_600_000;

/** Which models of joint armies who has taken up. */
export interface ClaimStore {
  list(): Promise<Claim[]>;
  /**
   * Takes models up, all or none.
   *
   * @returns what others have of them; nothing was taken then, unless it is to be taken all the same
   */
  take(models: Models, memberId: string, evenIfTaken: boolean): Promise<Claim[]>;
  letGo(models: Models, memberId: string): Promise<void>;
  /** those that have not ended, in the order they came in, so many at once */
  pages(size: number, within: Knex.Transaction): AsyncIterable<Claim[]>;
  /** Writes those of a file whose models nobody has taken up here. */
  restore(claims: readonly Claim[], within: Knex.Transaction): Promise<void>;
}

export function claimStore(db: Knex, clock: ClubClock): ClaimStore {
  const standing = (from: Knex | Knex.Transaction) =>
    from<ClaimRow>('claims').where('at', '>', clock.iso(-lastsMs));
  return {
    list: async () => (await standing(db).orderBy('at')).map(fromRow),

    take: ({ armyId, unitId, models }, memberId, evenIfTaken) =>
      db.transaction(async (within) => {
        const taken = await standing(within)
          .where({ army_id: armyId, unit_id: unitId })
          .whereNot({ member_id: memberId });
        const others = taken.filter(({ model }) => models.includes(model)).map(fromRow);
        if (others.length > 0 && !evenIfTaken) return others;
        const at = clock.iso();
        for (const model of models)
          await within('claims')
            .insert({ army_id: armyId, unit_id: unitId, model, member_id: memberId, at })
            .onConflict(['army_id', 'unit_id', 'model'])
            .merge();
        return [];
      }),

    async *pages(size, within) {
      for await (const rows of pagesOf<ClaimRow>('claims', 'rowid', size, within))
        yield rows.filter(({ at }) => at > clock.iso(-lastsMs)).map(fromRow);
    },

    async restore(claims, within) {
      for (const { armyId, unitId, model, memberId, at } of claims)
        await within('claims')
          .insert({ army_id: armyId, unit_id: unitId, model, member_id: memberId, at })
          .onConflict(['army_id', 'unit_id', 'model'])
          .ignore();
    },

    async letGo({ armyId, unitId, models }, memberId) {
      await db('claims')
        .where({ army_id: armyId, unit_id: unitId, member_id: memberId })
        .whereIn('model', [...models])
        .delete();
    },
  };
}

const fromRow = ({ army_id, unit_id, model, member_id, at }: ClaimRow): Claim => ({
  armyId: army_id,
  unitId: unit_id,
  model,
  memberId: member_id,
  at,
});
