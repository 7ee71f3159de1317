import { mkdirSync, readFileSync, rmSync, statSync, writeFileSync } from 'node:fs';
import { dirname } from 'node:path';
import Database from 'better-sqlite3';
import { z } from 'zod';
import { StartProblem } from './startProblem';

const holderSchema = z.object({ pid: z.number(), since: z.string(), at: z.string() });

/** The one server that has a database file, until it ends: however it ends. */
export interface OwnDatabase {
  /** says where it can be reached, for who tries to start a second one */
  tell(at: string): void;
  /** deletes the file, so that a new one is made */
  beginAnew(): void;
  /** notes that the file is whole, so that one that is gone or empty later is not taken for new */
  isMade(): void;
  release(): void;
}

/**
 * Takes a database file for this process alone. The lock is SQLite’s own on a small file beside it:
 * the system gives it back when the process is gone, by `kill -9` too, and leaves nothing stale.
 *
 * @param options `mayBeGone`: something is to be put in its place, whatever is there
 * @throws StartProblem when another server has it, or when a ledger was here and is gone or empty
 */
export function ownDatabase(file: string, { mayBeGone = false } = {}): OwnDatabase {
  mkdirSync(dirname(file), { recursive: true });
  const lock = new Database(`${file}.lock`, { timeout: 200 });
  const holder = `${file}.holder.json`;
  try {
    lock.exec('create table if not exists state (made integer not null)');
    lock.pragma('locking_mode = exclusive');
    lock.exec('begin exclusive; commit');
  } catch (error) {
    lock.close();
    if (!isBusy(error)) throw error;
    throw new StartProblem(`${file} is in use ${byWhom(holder)}. Use that one, or stop it first.`);
  }
  try {
    if (!mayBeGone) checkThere(file, lock);
  } catch (error) {
    lock.close();
    throw error;
  }
  return {
    tell: (at) =>
      writeFileSync(
        holder,
        JSON.stringify({ pid: process.pid, since: new Date().toISOString(), at }),
      ),
    beginAnew: () => {
      lock.exec(beingMade);
      for (const ending of ['', '-wal', '-shm']) rmSync(file + ending, { force: true });
    },
    isMade: () => void lock.exec('delete from state; insert into state values (1)'),
    release: () => lock.close(),
  };
}

const beingMade = 'delete from state; insert into state values (0)';

const isBusy = (error: unknown) =>
  String((error as { code?: unknown }).code).startsWith('SQLITE_BUSY');

function byWhom(holder: string): string {
  try {
    const { pid, since, at } = holderSchema.parse(JSON.parse(readFileSync(holder, 'utf8')));
    return `by another Yellow Ledger: ${at}, process ${pid}, since ${since}`;
  } catch {
    return 'by another Yellow Ledger, which is only just starting';
  }
}

/** A file that was there and is not, or is empty, is no new ledger. */
function checkThere(file: string, lock: Database.Database): void {
  const size = statSync(file, { throwIfNoEntry: false })?.size;
  const state = lock.prepare<[], { made: number }>('select made from state').get();
  if (size === undefined && state?.made === 1)
    throw new StartProblem(
      `${file} was here and is gone. Put it back or put a backup in its place; to start over, delete ${file}.lock.`,
    );
  // While the first file is being made it may be empty, if the power goes.
  if (size === 0 && state?.made !== 0)
    throw new StartProblem(
      `${file} is empty (0 bytes): it is no ledger. Put a backup in its place; to start over, delete it.`,
    );
  if (size === undefined) lock.exec(beingMade);
}
