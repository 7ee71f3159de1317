import { entrySchema, resourceNames } from '@yellow-ledger/core';
import type { Knex } from 'knex';
import { unlinkPots } from '../../db/potLinks';
import { parsed } from '../../db/recordStore';

interface OwnedRow {
  kind: (typeof resourceNames)[number];
  id: string;
  member_id: string;
  is_shared: number;
}

/**
 * The records of a member who leaves: those they shared, and those that records of others draw
 * from, become the club’s; private ones are deleted. The coats they painted stay in the
 * history of its models, without their name.
 */
export async function letGoOf(memberId: string, within: Knex.Transaction): Promise<void> {
  const owned = await within<OwnedRow>('owners').where('member_id', memberId);
  // Pots last: nothing that goes draws from them any more then.
  const inTurn = [...resourceNames].reverse();
  for (const kind of inTurn)
    for (const { id, is_shared } of owned.filter((each) => each.kind === kind)) {
      if (is_shared || (kind === 'pots' && (await isDrawn(id, within)))) continue;
      await deleteRecord(kind, id, within);
      if (kind === 'benches' || kind === 'armies') await deleteEntries(id, within);
      if (kind === 'recipes')
        for (const table of ['version_pots', 'versions'])
          await within(table).where({ recipe_id: id }).delete();
    }
  await within('owners').where({ member_id: memberId }).delete();
  for (const table of ['proposals', 'remarks'])
    await within(table).where('member_id', memberId).update({ member_id: null });
  for (const table of ['claims', 'brings'])
    await within(table).where('member_id', memberId).delete();
  await within('loans').where('to_id', memberId).delete();
  await forgetName(memberId, within);
}

async function deleteRecord(kind: string, id: string, within: Knex.Transaction): Promise<void> {
  const there = await within<{ id: string; revision: number }>(kind).where('id', id).first();
  if (!there) return;
  await unlinkPots(within, kind, id);
  await within(kind).where({ id }).delete();
  await within('former_states').where({ kind, id }).delete();
  await within('gone_records')
    .insert({ kind, id, revision: there.revision })
    .onConflict(['kind', 'id'])
    .merge();
}

/** Coats painted where nobody else has looked. The paint they took from the pots is gone all the same. */
async function deleteEntries(benchId: string, within: Knex.Transaction): Promise<void> {
  const entries = () => within('log_entries').where({ bench_id: benchId });
  await within('noted_coats').whereIn('entry_id', entries().select('id')).delete();
  await entries().delete();
}

async function isDrawn(potId: string, within: Knex.Transaction): Promise<boolean> {
  const drawn = await within('drawn_pots').where({ pot_id: potId }).first();
  const byVersion = await within('version_pots').where({ pot_id: potId }).first();
  return Boolean(drawn ?? byVersion);
}

/** Entries are never changed but for this: the name of who is gone is no part of what was painted. */
async function forgetName(memberId: string, within: Knex.Transaction): Promise<void> {
  const rows = await within<{ id: string; content: string; member_id: string }>('log_entries')
    .where('member_id', memberId)
    .select('id', 'content');
  for (const { id, content } of rows) {
    const read = entrySchema.safeParse(parsed(content));
    if (!read.success || read.data.by === undefined) continue;
    const { by: _by, ...rest } = read.data;
    await within('log_entries')
      .where({ id })
      .update({ content: JSON.stringify(rest) });
  }
  await within('log_entries').where({ member_id: memberId }).update({ member_id: null });
}
