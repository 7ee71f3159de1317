import { randomUUID } from 'node:crypto';
import { rmSync, statSync } from 'node:fs';
import { join } from 'node:path';
import { Worker } from 'node:worker_threads';
import { LedgerFileError } from '@yellow-ledger/core';
import type { Ledger } from '../db/ledger';
import { connect } from '../db/openDatabase';
import { StartProblem } from '../start/startProblem';
import { Cancelled, type LedgerWork } from './ledgerWork';
import { workHere } from './workHere';
import type { FromThread, ThreadTask, ToThread } from './threadMessages';
import type { WriteGate } from './writeGate';

/** A thread is ended when it needs more, MB: the server goes on. */
const mostMemoryMb = 1500;

/** A file of so many bytes is taken in before a thread would have started. */
const smallFile = 100_000;

export interface Threads {
  ledger: Ledger;
  databaseFile: string;
  /** where what is needed for the moment is put */
  workFolder: string;
  gate: WriteGate;
  /** the file a thread runs */
  script: URL;
}

/** All of it in threads of its own, with connections of their own: whoever asks the server is answered meanwhile. */
export function workInThreads({
  ledger,
  databaseFile,
  workFolder,
  gate,
  script,
}: Threads): LedgerWork {
  const here = workHere(ledger, workFolder);

  /** Runs one. @param onSaid is told what it says, and may answer */
  async function run(
    task: ThreadTask,
    onSaid: (said: FromThread, answer: (word: ToThread) => void) => void,
    signal?: AbortSignal,
  ): Promise<FromThread> {
    const thread = new Worker(script, {
      workerData: task,
      resourceLimits: { maxOldGenerationSizeMb: mostMemoryMb },
    });
    const end = () => void thread.terminate();
    signal?.addEventListener('abort', end, { once: true });
    try {
      return await new Promise<FromThread>((done, failed) => {
        let last: FromThread | null = null;
        thread.on('message', (said: FromThread) => {
          last = said;
          onSaid(said, (word) => thread.postMessage(word));
        });
        thread.once('error', failed);
        thread.once('exit', () => {
          if (last?.says === 'done' || last?.says === 'refused') done(last);
          else failed(signal?.aborted ? new Cancelled() : new Error('the thread ended early'));
        });
        if (signal?.aborted) end();
      });
    } catch (error) {
      if ((error as NodeJS.ErrnoException).code === 'ERR_WORKER_OUT_OF_MEMORY')
        throw new LedgerFileError(
          `This file needs more than the ${mostMemoryMb} MB of memory there are for it. Nothing was taken in.`,
        );
      throw error;
    } finally {
      signal?.removeEventListener('abort', end);
    }
  }

  return {
    async takeIn(path, { onProgress, signal, ownerId }) {
      if (statSync(path).size <= smallFile) return here.takeIn(path, { onProgress, ownerId });
      const staging = join(workFolder, `staging-${randomUUID()}`);
      let open: Promise<() => void> | null = null;
      try {
        const said = await run(
          { does: 'takeIn', databaseFile, path, staging, ownerId },
          (word, answer) => {
            if (word.says === 'progress') onProgress(word.share);
            if (word.says !== 'ready') return;
            open = gate.close();
            void open.then(() => answer({ says: 'write' }));
          },
          signal,
        );
        if (said.says === 'refused') throw new LedgerFileError(said.message);
        if (said.says !== 'done' || !said.imported) throw new Error('the thread said nothing');
        return said.imported;
      } finally {
        if (open) (await (open as Promise<() => void>))();
        for (const ending of ['', '-apart', '-apart-wal', '-apart-shm', '-apart.pictures'])
          rmSync(staging + ending, { force: true, recursive: true });
      }
    },

    async copy(to) {
      await run({ does: 'copy', databaseFile, to }, () => undefined);
    },

    async pack(backup, to) {
      await run({ does: 'pack', backup, to }, () => undefined);
    },

    async prepare(from, trial, replaced) {
      const said = await run({ does: 'prepare', from, trial, replaced }, () => undefined);
      if (said.says === 'refused') throw new StartProblem(said.message);
      if (said.says !== 'done' || !said.counts) throw new Error('the thread said nothing');
      return said.counts;
    },

    async atOneMoment(read) {
      const db = connect(databaseFile);
      try {
        return await db.transaction(read);
      } finally {
        await db.destroy();
      }
    },
  };
}
