import { randomUUID } from 'node:crypto';
import { rmSync, statSync } from 'node:fs';
import { join } from 'node:path';
import { Worker } from 'node:worker_threads';
import { LedgerFileError } from '@yellow-ledger/core';
import type { Ledger } from '../db/ledger';
import { StartProblem } from '../start/startProblem';
import { Cancelled, type LedgerWork } from './ledgerWork';
import { workHere } from './workHere';
import type { FromThread, ThreadTask, ToThread } from './threadMessages';
import { restoring, type WriteGate } from './writeGate';

/** A thread is ended when it needs more, MB: the server goes on. */
const mostMemoryMb = 1500;

const nothingToAnswer = async () => undefined;

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
  const underWay = new Set<Worker>();
  let isEnded = false;

  /** Runs one. @param onSaid is told what it says, and may answer */
  async function run(
    task: ThreadTask,
    onSaid: (said: FromThread, answer: (word: ToThread) => void) => Promise<void>,
    signal?: AbortSignal,
  ): Promise<FromThread> {
    if (isEnded) throw restoring();
    const thread = new Worker(script, {
      workerData: task,
      resourceLimits: { maxOldGenerationSizeMb: mostMemoryMb },
    });
    underWay.add(thread);
    let why: unknown = null;
    const stop = async (reason: unknown) => {
      why ??= reason;
      await thread.terminate();
    };
    const end = () => stop(new Cancelled());
    signal?.addEventListener('abort', end, { once: true });
    try {
      return await new Promise<FromThread>((done, failed) => {
        let last: FromThread | null = null;
        thread.on('message', (said: FromThread) => {
          last = said;
          // The answer may be to stop.
          onSaid(said, (word) => thread.postMessage(word)).catch(stop);
        });
        thread.once('error', failed);
        thread.once('exit', () => {
          if (last?.says === 'done' || last?.says === 'refused') done(last);
          else failed(why ?? (isEnded ? restoring() : new Error('the thread ended early')));
        });
        if (signal?.aborted) end().catch(failed);
      });
    } catch (error) {
      if ((error as NodeJS.ErrnoException).code === 'ERR_WORKER_OUT_OF_MEMORY')
        throw new LedgerFileError(
          `This file needs more than the ${mostMemoryMb} MB of memory there are for it. Nothing was imported.`,
        );
      throw error;
    } finally {
      underWay.delete(thread);
      signal?.removeEventListener('abort', end);
    }
  }

  return {
    async takeIn(path, { onProgress, signal, ownerId }) {
      if (statSync(path).size <= smallFile)
        return gate.through(() => here.takeIn(path, { onProgress, ownerId }));
      const staging = join(workFolder, `staging-${randomUUID()}`);
      let open: (() => void) | null = null;
      try {
        const said = await run(
          { does: 'takeIn', databaseFile, path, staging, ownerId },
          async (word, answer) => {
            if (word.says === 'progress') onProgress(word.share);
            if (word.says !== 'ready') return;
            open = await gate.close();
            if (signal?.aborted) open();
            else answer({ says: 'write' });
          },
          signal,
        );
        if (said.says === 'refused') throw new LedgerFileError(said.message);
        if (said.says !== 'done' || !said.imported) throw new Error('the thread said nothing');
        return said.imported;
      } finally {
        (open as (() => void) | null)?.();
        for (const ending of ['', '-apart', '-apart-wal', '-apart-shm', '-apart.pictures'])
          rmSync(staging + ending, { force: true, recursive: true });
      }
    },

    async copy(to) {
      await run({ does: 'copy', databaseFile, to }, nothingToAnswer);
    },

    async pack(backup, to) {
      await run({ does: 'pack', backup, to }, nothingToAnswer);
    },

    async prepare(from, trial, replaced) {
      const said = await run({ does: 'prepare', from, trial, replaced }, nothingToAnswer);
      if (said.says === 'refused') throw new StartProblem(said.message);
      if (said.says !== 'done' || !said.counts) throw new Error('the thread said nothing');
      return said.counts;
    },

    atOneMoment: here.atOneMoment,

    async end() {
      isEnded = true;
      await Promise.all([here.end(), ...[...underWay].map((thread) => thread.terminate())]);
    },
  };
}
