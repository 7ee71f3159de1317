import { rmSync } from 'node:fs';
import type { Knex } from 'knex';
import type { Ledger } from '../db/ledger';
import { openLedger } from '../db/ledger';
import { openDatabase } from '../db/openDatabase';
import { importClubLists } from '../club/clubInFiles';
import { picturesBeside } from '../pictures/pictureStore';
import { copyOver } from './copyOver';
import { renamedFile } from './renamedFile';
import { stageFile } from './stageFile';
import { importSections, type Imported } from './importSections';
import { withoutClubLists, type TakenFile } from './takenFile';

/** Of taking a file in, so much is reading it, and so much working out what it is in a ledger. */
const shareOfReading = 0.5;
const shareOfWorking = 0.45;

export interface FileToTake {
  path: string;
  /** a new file, for what was read; it is gone afterwards */
  staging: string;
  /** asked for the ledger once everything is read and right: from then on others wait */
  mayWrite: () => Promise<Ledger> | Ledger;
  /** told the share that is done, 0–1 */
  onProgress?: (share: number) => void;
  /** whose it becomes, in a club */
  ownerId?: string | undefined;
  /** the ledger, for looking before anybody waits; needed for the file of a member */
  read?: Knex;
}

/**
 * Reads a file and takes it into a ledger, all or nothing.
 *
 * @throws LedgerFileError
 */
export async function importFile({
  path,
  staging,
  mayWrite,
  onProgress = () => undefined,
  ownerId,
}: FileToTake): Promise<Imported> {
  const file = await stageFile(path, staging, (share) => onProgress(share * shareOfReading));
  try {
    const ledger = await mayWrite();
    return await importSections(
      ownerId ? await renamedFile(file, ledger.db, ownerId) : file,
      ledger,
      (share) => onProgress(shareOfReading + (1 - shareOfReading) * share),
      ownerId,
    );
  } finally {
    file.close();
  }
}

/**
 * The same, so that others wait a moment only: it is taken into a ledger of its own first, and that
 * is copied over. Where both have something in common it is taken in a second time, by the rules.
 */
export async function takeLargeFileIn({
  path,
  staging,
  mayWrite,
  onProgress = () => undefined,
  ownerId,
  read,
}: FileToTake): Promise<Imported> {
  const apart = `${staging}-apart`;
  const staged = await stageFile(path, staging, (share) => onProgress(share * shareOfReading));
  try {
    if (ownerId && !read) throw new Error('the file of a member is compared with the ledger first');
    const file = ownerId && read ? await renamedFile(staged, read, ownerId) : staged;
    const imported = await takenApart(withoutClubLists(file), apart, (share) =>
      onProgress(shareOfReading + shareOfWorking * share),
    );
    const ledger = await mayWrite();
    await ledger.pictures.copyFrom(picturesBeside(apart));
    const ofClub: string[] = [];
    const isCopied = await copyOver(apart, ledger.db, ownerId, async (within) => {
      ofClub.push(...(await importClubLists(file, within, ownerId)));
    });
    return isCopied
      ? { ...imported, leftOut: [...imported.leftOut, ...ofClub] }
      : await importSections(file, ledger, undefined, ownerId);
  } finally {
    staged.close();
    for (const ending of ['', '-wal', '-shm']) rmSync(apart + ending, { force: true });
    rmSync(picturesBeside(apart), { force: true, recursive: true });
  }
}

async function takenApart(
  file: TakenFile,
  apart: string,
  onProgress: (share: number) => void,
): Promise<Imported> {
  const db = await openDatabase(apart);
  try {
    // Nothing in it is worth a wait for the disk.
    await db.raw('pragma synchronous = off');
    return await importSections(file, openLedger(db, apart), onProgress);
  } finally {
    await db.destroy();
  }
}
