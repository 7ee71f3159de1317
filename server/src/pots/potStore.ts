import type { Kept, Pot } from '@yellow-ledger/core';
import type { Knex } from 'knex';
import type { RecordStore } from '../db/recordStore';
import type { UsedPaint } from '../log/usedPaint';

/** The pots, each with what was used from it since it was measured. */
export function potStore(db: Knex, plain: RecordStore<Pot>, used: UsedPaint): RecordStore<Pot> {
  const withUsed = async (kept: Kept<Pot>, within?: Knex.Transaction): Promise<Kept<Pot>> => {
    const { id, measuredAt } = kept.content;
    const ml = await used.since(id, measuredMs(measuredAt), within);
    return ml > 0 ? { ...kept, usedMl: ml } : kept;
  };
  async function listWithDamaged(within?: Knex.Transaction) {
    const usedMl = await used.sinceMeasured(within);
    const { items, damaged } = await plain.listWithDamaged(within);
    return {
      damaged,
      items: items.map((kept) => {
        const ml = usedMl.get(kept.content.id);
        return ml === undefined ? kept : { ...kept, usedMl: ml };
      }),
    };
  }
  return {
    ...plain,
    listWithDamaged,

    async list() {
      return (await listWithDamaged()).items;
    },

    async get(id, within) {
      const kept = await plain.get(id, within);
      return kept && withUsed(kept, within);
    },

    async putNew(pots, within) {
      await plain.putNew(pots, within);
      for (const pot of pots) if (pot.measuredAt !== undefined) await noteMeasured(pot, within);
    },

    async put(pot, revision, within) {
      const write = async (transaction: Knex.Transaction) => {
        const kept = await plain.put(pot, revision, transaction);
        await noteMeasured(pot, transaction);
        return withUsed(kept, transaction);
      };
      return within ? write(within) : db.transaction(write);
    },
  };
}

/** When a pot was measured, beside it: what was used is counted from there. */
async function noteMeasured({ id, measuredAt }: Pot, within: Knex.Transaction): Promise<void> {
  const measured_ms = measuredAt === undefined ? null : Date.parse(measuredAt);
  await within('pots').where({ id }).update({ measured_ms });
}

/** A pot nobody has measured was as full when the log began. */
const measuredMs = (measuredAt: string | undefined) =>
  measuredAt === undefined ? -1 : Date.parse(measuredAt);
