import { existsSync, mkdirSync, readdirSync, rmSync, statSync } from 'node:fs';
import { join } from 'node:path';
import { resourceNames, resources } from '@yellow-ledger/core';
import Database from 'better-sqlite3';
import type { Logger } from 'pino';
import { unfinished, wholeFile } from '../db/wholeCopy';
import { hashesNamedIn } from '../pictures/packedBackup';
import { pictureStore, picturesOfBackups } from '../pictures/pictureStore';
import type { LedgerWork } from '../work/ledgerWork';
import { backupName, backupsAmong, notKept } from './keptBackups';

/** A backup is due so long after the last one, hours; it is looked after every hour. */
const dueAfterHours = 24;
const hour = 3_600_000;

export interface Backup {
  name: string;
  madeAt: string;
  bytes: number;
}

/** The backups in the folder, newest first. */
export function listBackups(folder: string): Backup[] {
  if (!existsSync(folder)) return [];
  return backupsAmong(readdirSync(folder)).map((backup) => ({
    ...backup,
    bytes: statSync(join(folder, backup.name)).size,
  }));
}

/**
 * A whole copy of the open database, whatever is being written meanwhile. It has its name only once
 * it is whole.
 *
 * @returns its name
 */
export async function makeBackup(
  work: Pick<LedgerWork, 'copy'>,
  folder: string,
  at = new Date(),
): Promise<string> {
  // One after the other: what is not whole yet belongs to nobody but the one that is being made.
  const before = underWay.get(folder) ?? Promise.resolve();
  const made = before.then(() => makeOne(work, folder, at));
  underWay.set(
    folder,
    made.catch(() => undefined),
  );
  return made;
}

/** By folder, the backup that is being made there. */
const underWay = new Map<string, Promise<unknown>>();

async function makeOne(work: Pick<LedgerWork, 'copy'>, folder: string, at: Date): Promise<string> {
  mkdirSync(folder, { recursive: true });
  const name = backupName(at);
  // One that was cut off by the power is no use to anybody.
  for (const left of readdirSync(folder))
    if (left.endsWith(unfinished)) rmSync(join(folder, left), { force: true });
  await wholeFile(join(folder, name), (file) => work.copy(file));
  return name;
}

/** Makes one when it is due, and throws away what is not kept. @returns its name; null where none was due */
export async function backupWhenDue(
  work: Pick<LedgerWork, 'copy'>,
  folder: string,
  now = new Date(),
): Promise<string | null> {
  const [last] = listBackups(folder);
  const isDue = !last || now.getTime() - Date.parse(last.madeAt) >= dueAfterHours * hour;
  if (!isDue) return null;
  const name = await makeBackup(work, folder, now);
  const gone = notKept(listBackups(folder), now);
  for (const old of gone) rmSync(join(folder, old.name));
  if (gone.length > 0) await throwPicturesAway(folder);
  return name;
}

/** Pictures that no backup names any more. */
async function throwPicturesAway(folder: string): Promise<void> {
  const named = new Set<string>();
  for (const { name } of listBackups(folder)) {
    const backup = new Database(join(folder, name), { readonly: true, fileMustExist: true });
    for (const hash of hashesNamedIn(backup)) named.add(hash);
    backup.close();
  }
  await pictureStore(picturesOfBackups(join(folder, 'any'))).sweep(named);
}

/** Looks after the backups as long as the server runs. @returns what ends it */
export function keepBackups(
  work: Pick<LedgerWork, 'copy'>,
  folder: string,
  log: Logger,
): () => void {
  let isEnded = false;
  const look = () => {
    backupWhenDue(work, folder).then(
      (name) => name && log.info({ folder, name }, 'backed up'),
      (error: unknown) => {
        // One that was broken off because the ledger is being closed is made at the next start.
        if (!isEnded) log.error({ err: error, folder }, 'no backup could be made');
      },
    );
  };
  look();
  const timer = setInterval(look, hour);
  timer.unref();
  return () => {
    isEnded = true;
    clearInterval(timer);
  };
}

/** Records in a backup by the label of their kind; none where it cannot be opened. */
export function countsOf(file: string): Record<string, number> {
  try {
    const backup = new Database(file, { readonly: true, fileMustExist: true });
    // A table that has come since the backup was made holds nothing in it.
    const isThere = backup.prepare(`select 1 from sqlite_master where name = ?`);
    const count = (table: string) =>
      isThere.get(table) === undefined
        ? 0
        : (backup.prepare(`select count(*) as has from ${table}`).get() as { has: number }).has;
    const counts = Object.fromEntries([
      ...resourceNames.map((name) => [resources[name].label, count(name)]),
      ['log entry', count('log_entries')],
    ]) as Record<string, number>;
    backup.close();
    return counts;
  } catch {
    return {};
  }
}
