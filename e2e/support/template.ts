import BetterSqlite3 from 'better-sqlite3';
import { randomUUID } from 'node:crypto';
import { cpSync, mkdtempSync, readdirSync, renameSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';

/** Files a running server has open; these are not copied as files. */
export const isOpenFile = (name: string) =>
  /\.sqlite(-wal|-shm)?$|^server\.log|\.lock$|\.json$/.test(name);

/** A copy of a ledger as it was at one moment. @returns its folder, with the database as ledger.copy */
export function copyOfLedger(dataFolder: string, databaseFile: string): string {
  const copy = mkdtempSync(join(tmpdir(), 'yellow-ledger-copy-'));
  const db = new BetterSqlite3(databaseFile);
  db.prepare('vacuum into ?').run(join(copy, 'ledger.copy'));
  db.close();
  for (const name of readdirSync(dataFolder))
    if (!isOpenFile(name)) cpSync(join(dataFolder, name), join(copy, name), { recursive: true });
  return copy;
}

/** A new data folder with what a copy holds, as a ledger of its own. */
export function folderFrom(copy: string, databaseName: string): string {
  const dataFolder = mkdtempSync(join(tmpdir(), 'yellow-ledger-'));
  cpSync(copy, dataFolder, { recursive: true });
  const file = join(dataFolder, databaseName);
  renameSync(join(dataFolder, 'ledger.copy'), file);
  const db = new BetterSqlite3(file);
  db.pragma('journal_mode = WAL');
  db.prepare('update ledger_identity set id = ?').run(randomUUID());
  db.close();
  return dataFolder;
}
