import { mkdirSync } from 'node:fs';
import { dirname } from 'node:path';
import type BetterSqlite3 from 'better-sqlite3';
import knex, { type Knex } from 'knex';
import { wholeFile } from './wholeCopy';
import { migrations } from './migrations/index';

/**
 * Opens a ledger's database file, makes it where there is none, and brings it to the newest form.
 * WAL and a full sync at every commit: what was acknowledged is on the disk.
 *
 * @param onCopy told where the file was copied to before it was brought to a newer form
 */
export async function openDatabase(
  file: string,
  onCopy: (copy: string) => void = () => undefined,
): Promise<Knex> {
  mkdirSync(dirname(file), { recursive: true });
  const db = connect(file);
  const migrationSource = {
    getMigrations: () => Promise.resolve(Object.keys(migrations)),
    getMigrationName: (name: string) => name,
    getMigration: (name: string) => Promise.resolve(migrations[name]),
  };
  try {
    const [done, pending] = (await db.migrate.list({ migrationSource })) as [unknown[], unknown[]];
    if (done.length > 0 && pending.length > 0) onCopy(await copyBefore(db, file));
    await db.migrate.latest({ migrationSource });
    return db;
  } catch (error) {
    await db.destroy();
    throw error;
  }
}

/** A connection of its own to a ledger's database file, as every one is to be. */
export function connect(file: string): Knex {
  return knex({
    client: 'better-sqlite3',
    connection: { filename: file },
    useNullAsDefault: true,
    // An error is thrown; Knex would print it as well.
    log: { warn: nothing, error: nothing, deprecate: nothing, debug: nothing },
    pool: {
      min: 1,
      max: 1,
      afterCreate: (
        connection: BetterSqlite3.Database,
        done: (error: Error | null, connection: BetterSqlite3.Database) => void,
      ) => {
        connection.pragma('journal_mode = WAL');
        connection.pragma('synchronous = FULL');
        connection.pragma('foreign_keys = ON');
        connection.pragma('busy_timeout = 4000');
        done(null, connection);
      },
    },
  });
}

const nothing = () => undefined;

/** A whole copy beside the file, as it was; for going back to by hand. */
async function copyBefore(db: Knex, databaseFile: string): Promise<string> {
  const stamp = new Date().toISOString().replace(/[:.]/g, '-');
  const copy = databaseFile.replace(/(\.sqlite)?$/, `-before-${stamp}.sqlite`);
  await wholeFile(copy, async (file) => void (await db.raw('vacuum into ?', [file])));
  return copy;
}
