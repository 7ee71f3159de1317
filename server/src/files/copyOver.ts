import { resourceNames } from '@yellow-ledger/core';
import type { Knex } from 'knex';

/** Tables of a ledger in an order in which they can be copied; each row stands on those before. */
const tables = [
  ...resourceNames,
  'drawn_pots',
  'versions',
  'version_pots',
  'log_entries',
  'noted_coats',
  'used_paint',
  'file_sections',
];

/** Records that both ledgers have would have to be merged one by one. */
const inCommon = [
  ...resourceNames.flatMap((name) => [
    `select 1 from main.${name} join apart.${name} as other using (id)`,
    `select 1 from main.gone_records as gone join apart.${name} as other
     on gone.kind = '${name}' and gone.id = other.id`,
  ]),
  'select 1 from apart.versions as other join main.recipes as own on own.id = other.recipe_id',
  'select 1 from apart.versions as other join main.versions as own using (recipe_id, number)',
  'select 1 from apart.log_entries as other join main.log_entries as own using (id)',
  'select 1 from apart.noted_coats as other join main.noted_coats as own using (coat)',
  'select 1 from apart.log_entries as other join main.log_entries as own on own.id = other.struck_id',
  'select 1 from apart.log_entries as other join main.log_entries as own on other.id = own.struck_id',
  // The owners of deleted records, and entries at benches of others.
  ...resourceNames.map(
    (name) =>
      `select 1 from main.owners as owned join apart.${name} as other
       on owned.kind = '${name}' and owned.id = other.id`,
  ),
  `select 1 from main.owners as owned join apart.log_entries as other
   on owned.kind in ('benches', 'armies') and owned.id = other.bench_id`,
  `select 1 from main.owners as owned join apart.log_entries as other
   on owned.kind = 'armies' and owned.id = json_extract(other.content, '$.where.armyId')`,
  `select 1 from main.owners as owned join apart.log_entries as other
   on owned.kind = 'armies' and owned.id = json_extract(other.content, '$.armyId')`,
  `select 1 from main.owners as owned join apart.used_paint as other
   on owned.kind = 'pots' and owned.id = other.pot_id`,
  'select 1 from apart.file_sections as other join main.file_sections as own using (name)',
];

/**
 * Copies all of one ledger into another that has nothing of it, in a moment: a file is taken in
 * apart first, which takes long, and others need not wait for it.
 *
 * @param apart database file of the one, in the newest form
 * @param ownerId whose it becomes, in a club
 * @param andThen what else is written in the same transaction
 * @returns whether it was done; false, and nothing was changed, where they have anything in common
 */
export async function copyOver(
  apart: string,
  into: Knex,
  ownerId?: string,
  andThen: (within: Knex.Transaction) => Promise<void> = () => Promise.resolve(),
): Promise<boolean> {
  await into.raw('attach database ? as apart', [apart]);
  try {
    return await into.transaction(async (within) => {
      for (const query of inCommon)
        if (((await within.raw(`${query} limit 1`)) as unknown[]).length > 0) return false;
      // The owners come first: nobody is told of the records before.
      if (ownerId) await giveTo(ownerId, within);
      for (const table of tables) {
        const columns = (await columnsOf(table, within)).join(', ');
        await within.raw(
          `insert into main.${table} (${columns}) select ${columns} from apart.${table} order by rowid`,
        );
      }
      if (ownerId)
        await within.raw(
          'update main.log_entries set member_id = ? where id in (select id from apart.log_entries)',
          [ownerId],
        );
      await andThen(within);
      return true;
    });
  } finally {
    await into.raw('detach database apart');
  }
}

/** All but the number of an entry, which goes on from the last there is. */
async function columnsOf(table: string, within: Knex.Transaction): Promise<string[]> {
  const columns = (await within.raw(`pragma main.table_info(${table})`)) as { name: string }[];
  return columns.map(({ name }) => name).filter((name) => name !== 'sequence');
}

async function giveTo(ownerId: string, within: Knex.Transaction): Promise<void> {
  for (const name of resourceNames)
    await within.raw(
      `insert into main.owners (kind, id, member_id, is_shared) select ?, id, ?, 0 from apart.${name}`,
      [name, ownerId],
    );
}
