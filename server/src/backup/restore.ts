import {
  copyFileSync,
  existsSync,
  linkSync,
  openSync,
  readFileSync,
  readSync,
  closeSync,
  renameSync,
  rmSync,
} from 'node:fs';
import Database from 'better-sqlite3';
import { LedgerFileError, readLedgerFile, resourceNames, resources } from '@yellow-ledger/core';
import { openDatabase } from '../db/openDatabase';
import { openLedger, type Ledger } from '../db/ledger';
import { importFile } from '../files/importFile';
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
  if (!existsSync(from)) throw new StartProblem(`${from} is not there.`);
  const stamp = now.toISOString().replace(/[:.]/g, '-');
  const trial = `${databaseFile}.restoring-${stamp}`;
  try {
    const counts = isDatabase(from) ? await tryDatabase(from, trial) : await tryFile(from, trial);
    const replaced = putInPlace(trial, databaseFile, stamp);
    return { counts, replaced };
  } finally {
    for (const ending of ['', '-wal', '-shm']) rmSync(trial + ending, { force: true });
  }
}

const databaseHead = 'SQLite format 3';

function isDatabase(file: string): boolean {
  const handle = openSync(file, 'r');
  const head = Buffer.alloc(databaseHead.length);
  readSync(handle, head, 0, head.length, 0);
  closeSync(handle);
  return head.toString('latin1') === databaseHead;
}

async function tryDatabase(from: string, trial: string): Promise<Restored['counts']> {
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
  return counted(from, trial, () => Promise.resolve());
}

async function tryFile(from: string, trial: string): Promise<Restored['counts']> {
  return counted(from, trial, async (ledger) => {
    try {
      await importFile(readLedgerFile(readFileSync(from, 'utf8')), ledger);
    } catch (error) {
      if (error instanceof LedgerFileError) throw new StartProblem(`${from}: ${error.message}`);
      throw error;
    }
  });
}

/** Opens the copy, fills it, reads every record of it, and leaves it whole on the disk. */
async function counted(
  from: string,
  trial: string,
  fill: (ledger: Ledger) => Promise<void>,
): Promise<Restored['counts']> {
  const db = await openDatabase(trial);
  try {
    const ledger = openLedger(db);
    await fill(ledger);
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
    await db.raw('pragma wal_checkpoint(truncate)');
    return counts;
  } finally {
    await db.destroy();
  }
}

function putInPlace(trial: string, databaseFile: string, stamp: string): string | null {
  const replaced = databaseFile.replace(/(\.sqlite)?$/, `-replaced-${stamp}.sqlite`);
  const isThere = existsSync(databaseFile);
  if (isThere) keepAside(databaseFile, replaced);
  renameSync(trial, databaseFile);
  return isThere ? replaced : null;
}

/** A second name for what is there, so that it is under one of them whenever the power goes. */
function keepAside(file: string, replaced: string): void {
  // What stands in the journal goes into the file first; one that is no database is kept as it is.
  try {
    const old = new Database(file);
    old.pragma('wal_checkpoint(truncate)');
    old.close();
  } catch {
    for (const ending of ['-wal', '-shm'])
      if (existsSync(file + ending)) copyFileSync(file + ending, replaced + ending);
  }
  linkSync(file, replaced);
  for (const ending of ['-wal', '-shm']) rmSync(file + ending, { force: true });
}
