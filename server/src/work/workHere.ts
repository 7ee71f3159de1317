import { randomUUID } from 'node:crypto';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { copyLedger } from '../backup/copyLedger';
import { prepare } from '../backup/restore';
import type { Ledger } from '../db/ledger';
import { importFile } from '../files/importFile';
import { packBackup } from '../pictures/packedBackup';
import { picturesOfBackups } from '../pictures/pictureStore';
import type { LedgerWork } from './ledgerWork';
import { ownMoments } from './ownMoments';

/** All of it in the thread that asks for it: for who has no one waiting, as the command that restores. */
export function workHere(ledger: Ledger, workFolder = tmpdir()): LedgerWork {
  return {
    takeIn: (path, { onProgress, ownerId }) =>
      importFile({
        path,
        staging: join(workFolder, `staging-${randomUUID()}`),
        mayWrite: () => ledger,
        onProgress,
        ownerId,
      }),

    copy: (to) => copyLedger(ledger, to),

    async pack(backup, to) {
      packBackup(backup, picturesOfBackups(backup), to);
    },

    prepare,

    ...ownMoments(ledger.databaseFile),
  };
}
