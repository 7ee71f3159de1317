import type { Knex } from 'knex';
import { connect } from '../../db/openDatabase';
import { letGoOf } from './leaving';

/** Tables of the club rather than of the ledger: no backup restores members who have left since. */
const tables = ['members', 'sessions', 'known_devices', 'invitations', 'trail'] as const;

/**
 * Puts members, devices and links of the club as they are now into a ledger that is to take this one’s place: members and devices as
 * they are, the trail whole, and what is somebody’s now stays theirs.
 *
 * @param trial database file of that ledger, in the newest form
 */
export async function carryClubInto(trial: string, db: Knex): Promise<void> {
  await db.raw('attach database ? as trial', [trial]);
  try {
    await db.transaction(async (within) => {
      for (const table of [...tables].reverse()) await within.raw(`delete from trial.${table}`);
      for (const table of tables)
        await within.raw(`insert into trial.${table} select * from main.${table} order by rowid`);
      await within.raw('insert or replace into trial.owners select * from main.owners');
      // Sharing is as it is now: a record closed since is not open again.
      await within.raw('delete from trial.grants');
      await within.raw('insert into trial.grants select * from main.grants');
    });
  } finally {
    await db.raw('detach database trial');
  }
  await letGoOfThoseGone(trial);
}

/** Tables that say whose something is, or who did it. */
const membersNamed = [
  ['owners', 'member_id'],
  ['log_entries', 'member_id'],
  ['proposals', 'member_id'],
  ['remarks', 'member_id'],
  ['claims', 'member_id'],
  ['brings', 'member_id'],
  ['loans', 'to_id'],
] as const;

/** Of whom the backup knows and who has left since, it brings back neither the name nor what was theirs. */
async function letGoOfThoseGone(trial: string): Promise<void> {
  const db = connect(trial);
  try {
    await db.transaction(async (within) => {
      const named = new Set<string>();
      for (const [table, column] of membersNamed)
        for (const id of await within(table)
          .whereNotNull(column)
          .whereNotIn(column, within('members').select('id'))
          .distinct()
          .pluck<string[]>(column))
          named.add(id);
      for (const id of named) await letGoOf(id, within);
    });
  } finally {
    await db.destroy();
  }
}

/** The latest moment a club knows of, ms since 1970; 0 where it knows none. */
export async function latestMoment(db: Knex): Promise<number> {
  const rows = (await db.raw(
    'select max(at) as at from (select max(at) as at from trail union select max(began_at) from sessions)',
  )) as { at: string | null }[];
  const at = rows[0]?.at;
  return at ? Date.parse(at) : 0;
}
