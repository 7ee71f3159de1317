import type { Ledger } from '../db/ledger';
import { stageFile } from './stageFile';
import { takeIn, type Imported } from './takeIn';

/** Of taking a file in, so much is reading it; the rest is writing. */
const shareOfReading = 0.7;

/**
 * Reads a file and takes it into a ledger, all or nothing.
 *
 * @param staging a new file, for what was read; it is gone afterwards
 * @param mayWrite asked for the ledger once everything is read and right
 * @param onProgress told the share that is done, 0–1
 * @throws LedgerFileError
 */
export async function takeFileIn(
  path: string,
  staging: string,
  mayWrite: () => Promise<Ledger> | Ledger,
  onProgress: (share: number) => void = () => undefined,
): Promise<Imported> {
  const file = await stageFile(path, staging, (share) => onProgress(share * shareOfReading));
  try {
    return await takeIn(file, await mayWrite(), (share) =>
      onProgress(shareOfReading + (1 - shareOfReading) * share),
    );
  } finally {
    file.close();
  }
}
