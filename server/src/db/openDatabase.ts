import { mkdirSync } from 'node:fs';
import { dirname } from 'node:path';
import type BetterSqlite3 from 'better-sqlite3';
import knex, { type Knex } from 'knex';
import { migrations } from './migrations/index';

/**
 * Opens a ledger's database file, makes it where there is none, and brings it to the newest form.
 * WAL and a full sync at every commit: what was acknowledged is on the disk.
 */
export async function openDatabase(file: string): Promise<Knex> {
  mkdirSync(dirname(file), { recursive: true });
  const db = knex({
    client: 'better-sqlite3',
    connection: { filename: file },
    useNullAsDefault: true,
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
  await db.migrate.latest({
    migrationSource: {
      getMigrations: () => Promise.resolve(Object.keys(migrations)),
      getMigrationName: (name: string) => name,
      getMigration: (name: string) => Promise.resolve(migrations[name]),
    },
  });
  return db;
}
