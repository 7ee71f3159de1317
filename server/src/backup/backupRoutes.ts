import { randomUUID } from 'node:crypto';
import { rmSync } from 'node:fs';
import { join } from 'node:path';
import { Router } from 'express';
import { notFound, Problem } from '../http/problem';
import { StartProblem } from '../start/startProblem';
import type { LedgerWork } from '../work/ledgerWork';
import { countsOf, listBackups, makeBackup, type Backup } from './backups';

export interface BackupPlace {
  folder: string;
  /** one is made every day, without anybody asking for it */
  isDaily: boolean;
  /**
   * Puts one in the place of the ledger.
   *
   * @returns where what was there is kept
   * @throws StartProblem that says what is wrong with it; nothing was changed then
   */
  restore?: (file: string) => Promise<string | null>;
}

/** Backups as the page shows them: what each holds, one more, and each to be taken along. */
export function backupRoutes(
  { folder, isDaily, restore }: BackupPlace,
  work: Pick<LedgerWork, 'copy' | 'pack'>,
  workFolder: string,
): Router {
  const router = Router();
  // A backup never changes: each is opened once.
  const counted = new Map<string, Record<string, number>>();
  const withCounts = (backup: Backup) => {
    const counts = counted.get(backup.name) ?? countsOf(join(folder, backup.name));
    counted.set(backup.name, counts);
    return { ...backup, counts };
  };

  router.get('/', (_request, response) => {
    response.json({ folder, isDaily, items: listBackups(folder).map(withCounts) });
  });

  router.post('/', async (_request, response) => {
    const name = await makeBackup(work, folder);
    const made = listBackups(folder).find((each) => each.name === name);
    if (!made) throw notFound('backup');
    response.status(201).json(withCounts(made));
  });

  router.post('/:name/restored', async (request, response) => {
    const found = listBackups(folder).find(({ name }) => name === request.params.name);
    if (!found || !restore) throw notFound('backup');
    try {
      response.json({ replaced: await restore(join(folder, found.name)) });
    } catch (error) {
      if (error instanceof StartProblem) throw new Problem(422, 'bad-backup', error.message);
      throw error;
    }
  });

  router.get('/:name', async (request, response) => {
    const found = listBackups(folder).find(({ name }) => name === request.params.name);
    if (!found) throw notFound('backup');
    const packed = `taken-${randomUUID()}`;
    try {
      // Taken along, it has its pictures in it: what lies beside it stays behind.
      await work.pack(join(folder, found.name), join(workFolder, packed));
      await new Promise<void>((done, failed) =>
        response.download(packed, found.name, { root: workFolder }, (error) =>
          error && !response.headersSent ? failed(error) : done(),
        ),
      );
    } finally {
      rmSync(join(workFolder, packed), { force: true });
    }
  });

  return router;
}
