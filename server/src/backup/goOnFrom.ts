import { resourceNames } from '@yellow-ledger/core';
import type { Knex } from 'knex';

interface Identity {
  id: string;
  restores: number;
}

/**
 * Lets what is about to be put in place go on where the ledger it replaces has ended: a page that
 * still holds something of that one then writes over nothing, and misses no entry of the log.
 *
 * @param trial the copy that is to take the place
 * @param replaced file of the ledger that is there now
 * @param isOwnFile it was made of a file of everything, which says nothing of its ledger: it is this one
 */
export async function goOnFrom(trial: Knex, replaced: string, isOwnFile: boolean): Promise<void> {
  await trial.raw('attach database ? as replaced', [replaced]);
  try {
    const before = await trial<Identity>('replaced.ledger_identity').first();
    const own = await trial<Identity>('ledger_identity').first();
    if (!before || !own || (before.id !== own.id && !isOwnFile)) return;
    await trial.transaction(async (within) => {
      const restores = Math.max(before.restores, own.restores) + 1;
      await within<Identity>('ledger_identity').update({ id: before.id, restores });
      for (const table of resourceNames) await revisionsGoOn(table, within);
      await within.raw(
        `insert into gone_records (kind, id, revision)
         select kind, id, revision from replaced.gone_records where true
         on conflict (kind, id) do update set revision = max(revision, excluded.revision)`,
      );
      await within.raw(
        `update sqlite_sequence set seq = max(seq, coalesce(
           (select seq from replaced.sqlite_sequence where name = 'log_entries'), 0))
         where name = 'log_entries'`,
      );
    });
  } finally {
    await trial.raw('detach database replaced');
  }
}

async function revisionsGoOn(table: string, within: Knex.Transaction): Promise<void> {
  await within.raw(
    `update ${table} set revision = 1 + max(revision,
       coalesce((select revision from replaced.${table} as other where other.id = ${table}.id), 0),
       coalesce((select revision from replaced.gone_records as gone
                 where gone.kind = '${table}' and gone.id = ${table}.id), 0))`,
  );
  await within.raw(
    `insert into gone_records (kind, id, revision)
     select '${table}', id, revision from replaced.${table}
     where id not in (select id from main.${table})
     on conflict (kind, id) do update set revision = max(revision, excluded.revision)`,
  );
}
