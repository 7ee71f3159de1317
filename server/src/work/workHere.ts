import { randomUUID } from 'node:crypto';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { prepare } from '../backup/restore';
import type { Ledger } from '../db/ledger';
import { stageFile } from '../files/stageFile';
import { takeIn } from '../files/takeIn';
import type { LedgerWork } from './ledgerWork';

/** Of taking a file in, so much is reading it; the rest is writing. */
export const shareOfReading = 0.7;

/** All of it in the thread that asks for it: for who has no one waiting, as the command that restores. */
export function workHere(ledger: Ledger, workFolder = tmpdir()): LedgerWork {
  return {
    async takeIn(path, { onProgress }) {
      const staging = join(workFolder, `staging-${randomUUID()}`);
      const file = await stageFile(path, staging, (share) => onProgress(share * shareOfReading));
      try {
        return await takeIn(file, ledger, (share) =>
          onProgress(shareOfReading + (1 - shareOfReading) * share),
        );
      } finally {
        file.close();
      }
    },

    async copy(to) {
      await ledger.db.raw('vacuum into ?', [to]);
    },

    prepare,

    atOneMoment: (read) => ledger.db.transaction(read),
  };
}
