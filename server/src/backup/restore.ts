import { randomUUID } from 'node:crypto';
import {
  copyFileSync,
  existsSync,
  linkSync,
  openSync,
  readSync,
  closeSync,
  renameSync,
  rmSync,
} from 'node:fs';
import { dirname, join } from 'node:path';
import Database from 'better-sqlite3';
import { LedgerFileError, resourceNames, resources } from '@yellow-ledger/core';
import { openDatabase } from '../db/openDatabase';
import { openLedger, type Ledger } from '../db/ledger';
import { importFile } from '../files/importFile';
import { toDisk } from '../db/wholeCopy';
import { goOnFrom } from './goOnFrom';
import { hashesNamedIn, unpackPictures } from '../pictures/packedBackup';
import { pictureStore, picturesBeside, picturesOfBackups } from '../pictures/pictureStore';
import { StartProblem } from '../start/startProblem';

export interface Restored {
  /** records by the label of their kind */
  counts: Record<string, number>;
  /** the ledger that was replaced; null where there was none */
  replaced: string | null;
}

/**
 * Puts a backup (or a file of everything) in the place of a ledger. It is brought to the newest form
 * and read through on a copy first; then it takes the place at one stroke, and what was there is
 * kept beside it. The ledger must be nobody’s at the time.
 *
 * @param from a database file, whatever its age, or a ledger file
 * @throws StartProblem that says what is wrong with it; nothing was changed then
 */
export async function restore(
  from: string,
  databaseFile: string,
  now = new Date(),
): Promise<Restored> {
  const trial = trialFile(databaseFile, now);
  try {
    const counts = await prepare(from, trial, databaseFile);
    return { counts, replaced: putInPlace(trial, databaseFile, now) };
  } finally {
    removeTrial(trial);
  }
}

const stampOf = (now: Date) => now.toISOString().replace(/[:.]/g, '-');

/** Where what is to take the place of a ledger is tried first; beside it, so that it can take it at one stroke. */
export const trialFile = (databaseFile: string, now: Date): string =>
  `${databaseFile}.restoring-${stampOf(now)}`;

export function removeTrial(trial: string): void {
  for (const ending of ['', '-wal', '-shm']) rmSync(trial + ending, { force: true });
  rmSync(picturesBeside(trial), { force: true, recursive: true });
}

/**
 * Brings a backup to the newest form and reads it through, on a copy.
 *
 * @param replaced file of the ledger whose place it is to take, if there is one
 * @returns what it holds, by the label of its kind
 * @throws StartProblem that says what is wrong with it
 */
export async function prepare(
  from: string,
  trial: string,
  replaced: string,
): Promise<Restored['counts']> {
  if (!existsSync(from)) throw new StartProblem(`${from} is not there.`);
  const isFile = !isDatabase(from);
  if (!isFile) copyDatabase(from, trial);
  const db = await openDatabase(trial);
  try {
    const ledger = openLedger(db, trial);
    if (isFile) await fillFrom(from, ledger, dirname(trial));
    const counts = await countReadable(from, ledger);
    await bringPictures(from, trial, replaced);
    // A ledger that is there and cannot be read is not gone on from: it is kept as it is.
    if (isLedger(replaced)) await goOnFrom(db, replaced, isFile);
    await db.raw('pragma wal_checkpoint(truncate)');
    return counts;
  } finally {
    await db.destroy();
  }
}

/**
 * Brings what photographs name to where the ledger has its pictures: out of the backup itself, from
 * beside it, or from beside the trial, where a file was taken in. Those of the ledger that is
 * replaced stay, as it is kept.
 */
async function bringPictures(from: string, trial: string, replaced: string): Promise<void> {
  const pictures = pictureStore(picturesBeside(replaced));
  await unpackPictures(trial, pictures);
  const db = new Database(trial, { readonly: true });
  const named = hashesNamedIn(db);
  db.close();
  for (const folder of [picturesBeside(trial), picturesOfBackups(from), picturesBeside(from)])
    await pictures.copyFrom(folder, named);
  await pictures.letGoOfAll();
}

const databaseHead = 'SQLite format 3';

function isDatabase(file: string): boolean {
  const handle = openSync(file, 'r');
  const head = Buffer.alloc(databaseHead.length);
  readSync(handle, head, 0, head.length, 0);
  closeSync(handle);
  return head.toString('latin1') === databaseHead;
}

/** A ledger in the newest form, which a running server has brought it to. */
function isLedger(file: string): boolean {
  if (!existsSync(file) || !isDatabase(file)) return false;
  try {
    const db = new Database(file, { readonly: true });
    const columns = db.pragma('table_info(ledger_identity)') as { name: string }[];
    db.close();
    return columns.some(({ name }) => name === 'restores');
  } catch {
    return false;
  }
}

function copyDatabase(from: string, trial: string): void {
  try {
    // Read together with what stands in the journal beside it, and not as the bare file.
    const source = new Database(from, { fileMustExist: true });
    source.prepare('vacuum into ?').run(trial);
    const [{ integrity_check: said }] = source.pragma('integrity_check') as {
      integrity_check: string;
    }[];
    source.close();
    if (said !== 'ok') throw new StartProblem(`${from} is damaged: ${said}.`);
  } catch (error) {
    if (error instanceof StartProblem) throw error;
    throw new StartProblem(`${from} is damaged and cannot be read: ${(error as Error).message}.`);
  }
}

async function fillFrom(from: string, ledger: Ledger, workFolder: string): Promise<void> {
  try {
    const staging = join(workFolder, `staging-${randomUUID()}`);
    await importFile({ path: from, staging, mayWrite: () => ledger });
  } catch (error) {
    if (error instanceof LedgerFileError) throw new StartProblem(`${from}: ${error.message}`);
    throw error;
  }
}

/** Reads every record. @throws StartProblem that names one that cannot be read */
async function countReadable(from: string, ledger: Ledger): Promise<Restored['counts']> {
  const counts: Restored['counts'] = {};
  for (const name of resourceNames) {
    const { items, damaged } = await ledger.records[name].listWithDamaged();
    const { label } = resources[name];
    if (damaged.length > 0)
      throw new StartProblem(
        `${from}: the ${label} ${damaged[0].id} cannot be read: ${damaged[0].reason}`,
      );
    counts[label] = items.length;
  }
  counts.version = (await ledger.versions.all()).length;
  counts['entry of the log'] = (await ledger.log.all()).length;
  for (const [label, table] of [
    ['version', 'versions'],
    ['entry of the log', 'log_entries'],
  ]) {
    const [{ has }] = (await ledger.db(table).count({ has: '*' })) as { has: number }[];
    if (has > counts[label])
      throw new StartProblem(`${from}: ${has - counts[label]} × ${label} cannot be read.`);
  }
  return counts;
}

/** Puts what was prepared in the place of a ledger that nobody has open. @returns what was there, under its new name */
export function putInPlace(trial: string, databaseFile: string, now: Date): string | null {
  const replaced = databaseFile.replace(/(\.sqlite)?$/, `-replaced-${stampOf(now)}.sqlite`);
  const isThere = existsSync(databaseFile);
  if (isThere) keepAside(databaseFile, replaced);
  toDisk(trial);
  renameSync(trial, databaseFile);
  toDisk(dirname(databaseFile));
  return isThere ? replaced : null;
}

/**
 * A second name for what is there, so that it is under one of them whenever the power goes.
 *
 * @throws StartProblem where another program reads it: what is in the journal would be lost
 */
function keepAside(file: string, replaced: string): void {
  // A ledger that cannot be read is kept as it is, with its journal beside it.
  if (!isDatabase(file) || !isJournalBroughtIn(file))
    for (const ending of ['-wal', '-shm'])
      if (existsSync(file + ending)) copyFileSync(file + ending, replaced + ending);
  linkSync(file, replaced);
  for (const ending of ['-wal', '-shm']) rmSync(file + ending, { force: true });
}

/** Writes all of the journal into the database file. @returns false where it is damaged @throws StartProblem */
function isJournalBroughtIn(file: string): boolean {
  const old = new Database(file, { timeout: 200 });
  try {
    const [{ busy }] = old.pragma('wal_checkpoint(truncate)') as { busy: number }[];
    if (busy === 0) return true;
  } catch (error) {
    if (!String((error as { code?: unknown }).code).startsWith('SQLITE_BUSY')) return false;
  } finally {
    old.close();
  }
  throw new StartProblem(
    `Another program is reading ${file} just now. Nothing was changed; try again when it is done.`,
  );
}
