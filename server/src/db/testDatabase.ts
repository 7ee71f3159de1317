import { randomUUID } from 'node:crypto';
import { copyFileSync, existsSync, mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { Knex } from 'knex';
import { openDatabase } from './openDatabase';

declare global {
  /** Kept by a test worker from one test file to the next. */
  var keptByWorker: Map<string, string> | undefined;
}

/** @returns the file of a new database, in a folder of its own */
export const newDatabaseFile = (): string =>
  join(mkdtempSync(join(tmpdir(), 'yellow-ledger-test-')), 'ledger.sqlite');

/**
 * Opens a new database for a test: a copy of one that was migrated once for the test worker. What is
 * tested of durability and of migrations opens one of its own.
 */
export async function openTestDatabase(file = newDatabaseFile()): Promise<Knex> {
  copyFileSync(await migratedFile(), file);
  const db = await openDatabase(file);
  // Each is a ledger of its own, as a new one would be.
  await db('ledger_identity').update({ id: randomUUID() });
  return db;
}

async function migratedFile(): Promise<string> {
  const known = globalThis.keptByWorker?.get('migrated');
  if (known !== undefined && existsSync(known)) return known;
  const file = newDatabaseFile();
  const db = await openDatabase(file);
  // Everything into the one file that is copied.
  await db.raw('pragma wal_checkpoint(truncate)');
  await db.destroy();
  globalThis.keptByWorker?.set('migrated', file);
  return file;
}
