import { join } from 'node:path';
import Database from 'better-sqlite3';
import { resourceNames, resources } from '@yellow-ledger/core';
import { Router } from 'express';
import type { Knex } from 'knex';
import { notFound } from '../http/problem';
import { listBackups, makeBackup, type Backup } from './backups';

export interface BackupPlace {
  folder: string;
  /** one is made every day, without anybody asking for it */
  isDaily: boolean;
}

/** Backups as the page shows them: what each holds, one more, and each to be taken along. */
export function backupRoutes(db: Knex, { folder, isDaily }: BackupPlace): Router {
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
    const name = await makeBackup(db, folder);
    const made = listBackups(folder).find((each) => each.name === name);
    if (!made) throw notFound('backup');
    response.status(201).json(withCounts(made));
  });

  router.get('/:name', (request, response) => {
    const found = listBackups(folder).find(({ name }) => name === request.params.name);
    if (!found) throw notFound('backup');
    response.download(found.name, found.name, { root: folder });
  });

  return router;
}

/** Records in a backup by the label of their kind; none where it cannot be opened. */
function countsOf(file: string): Record<string, number> {
  try {
    const backup = new Database(file, { readonly: true, fileMustExist: true });
    const count = (table: string) =>
      (backup.prepare(`select count(*) as has from ${table}`).get() as { has: number }).has;
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
