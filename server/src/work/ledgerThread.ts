import { once } from 'node:events';
import { parentPort, workerData } from 'node:worker_threads';
import { LedgerFileError } from '@yellow-ledger/core';
import { copyLedger } from '../backup/copyLedger';
import { prepare } from '../backup/restore';
import { connect } from '../db/openDatabase';
import { openLedger } from '../db/ledger';
import { takeLargeFileIn } from '../files/importFile';
import { packBackup } from '../pictures/packedBackup';
import { picturesOfBackups } from '../pictures/pictureStore';
import { StartProblem } from '../start/startProblem';
import type { FromThread, ThreadTask } from './threadMessages';

/** Progress is told no more often than anybody looks, ms. */
const tellEvery = 100;

type Told<Does extends ThreadTask['does']> = Extract<ThreadTask, { does: Does }>;
type Said = Extract<FromThread, { says: 'done' }>;

const port = parentPort;
if (!port) throw new Error('this is a thread of the server');
const say = (message: FromThread) => port.postMessage(message);
/** The word to write; heard also when it comes before anybody waits for it. */
const word = once(port, 'message');

let toldAt = 0;
function tell(share: number): void {
  if (Date.now() - toldAt < tellEvery) return;
  toldAt = Date.now();
  say({ says: 'progress', share });
}

async function takeIn({ databaseFile, path, staging, ownerId }: Told<'takeIn'>): Promise<Said> {
  const db = connect(databaseFile);
  const mayWrite = async () => {
    say({ says: 'ready' });
    await word;
    return openLedger(db, databaseFile);
  };
  try {
    const imported = await takeLargeFileIn({
      path,
      staging,
      mayWrite,
      onProgress: tell,
      ownerId,
      read: db,
    });
    return { says: 'done', imported };
  } finally {
    await db.destroy();
  }
}

async function copy({ databaseFile, to }: Told<'copy'>): Promise<Said> {
  const db = connect(databaseFile);
  try {
    await copyLedger(openLedger(db, databaseFile), to);
    return { says: 'done' };
  } finally {
    await db.destroy();
  }
}

async function pack({ backup, to }: Told<'pack'>): Promise<Said> {
  packBackup(backup, picturesOfBackups(backup), to);
  return { says: 'done' };
}

function done(task: ThreadTask): Promise<Said> {
  if (task.does === 'takeIn') return takeIn(task);
  if (task.does === 'copy') return copy(task);
  if (task.does === 'pack') return pack(task);
  return prepare(task.from, task.trial, task.replaced).then((counts) => ({ says: 'done', counts }));
}

try {
  say(await done(workerData as ThreadTask));
} catch (error) {
  if (!(error instanceof LedgerFileError || error instanceof StartProblem)) throw error;
  say({ says: 'refused', message: error.message });
} finally {
  port.close();
}
