import { randomUUID } from 'node:crypto';
import { constants } from 'node:fs';
import {
  copyFile,
  mkdir,
  readdir,
  readFile,
  rename,
  rm,
  stat,
  utimes,
  open,
} from 'node:fs/promises';
import { dirname, join } from 'node:path';
import { asKeptPicture, pictureHashSchema, type KeptPicture } from '@yellow-ledger/core';
import { toDisk, unfinished } from '../db/wholeCopy';

/** A picture unnamed for so long is thrown away, days: until then a deletion can be undone. */
const keptDays = 30;
const day = 24 * 60 * 60_000;

/** Pictures by their hash, each a file that never changes. */
export interface PictureStore {
  readonly folder: string;
  has(hash: string): Promise<boolean>;
  /** @returns its bytes; null where it is not here */
  read(hash: string): Promise<Buffer | null>;
  /**
   * Keeps a picture; it is on the disk once this is done.
   *
   * @throws PictureError where it is none that is kept as it stands
   */
  put(bytes: Uint8Array): Promise<KeptPicture>;
  /** Notes that one may be nobody’s from now on. */
  letGo(hash: string): Promise<void>;
  /** The same of all that are here. */
  letGoOfAll(): Promise<void>;
  /** Copies what is there and not here from another folder; all of it where not said. */
  copyFrom(folder: string, hashes?: Iterable<string>): Promise<void>;
  /** Throws away what is not named and was let go of long ago. @returns how many those were */
  sweep(named: ReadonlySet<string>, now?: Date): Promise<number>;
}

/** @example picturesBeside('/data/ledger.sqlite') // → '/data/ledger.pictures' */
export const picturesBeside = (databaseFile: string): string =>
  `${databaseFile.replace(/\.sqlite$/, '')}.pictures`;

/** @param folder made once something is put there */
export function pictureStore(folder: string): PictureStore {
  const pathOf = (hash: string) => join(folder, pictureHashSchema.parse(hash));
  const has = (hash: string) =>
    stat(pathOf(hash)).then(
      (found) => found.size > 0,
      () => false,
    );

  /** Under its own name only once it is whole. */
  async function whole(hash: string, make: (unfinishedFile: string) => Promise<void>) {
    await mkdir(folder, { recursive: true });
    const own = `${pathOf(hash)}.${randomUUID()}${unfinished}`;
    try {
      await make(own);
      toDisk(own);
      await rename(own, pathOf(hash));
      toDisk(folder);
    } finally {
      await rm(own, { force: true });
    }
  }

  return {
    folder,
    has,

    read: (hash) => readFile(pathOf(hash)).catch(() => null),

    async put(bytes) {
      const kept = asKeptPicture(bytes);
      if (await has(kept.hash)) await touch(pathOf(kept.hash));
      else
        await whole(kept.hash, async (file) => {
          const handle = await open(file, 'wx');
          try {
            await handle.writeFile(bytes);
          } finally {
            await handle.close();
          }
        });
      return kept;
    },

    letGo: (hash) => touch(pathOf(hash)),

    async letGoOfAll() {
      for (const name of await readdir(folder).catch(() => [])) await touch(join(folder, name));
    },

    async copyFrom(from, hashes) {
      for (const hash of hashes ?? (await picturesIn(from))) {
        if (await has(hash)) continue;
        const other = join(from, hash);
        const isThere = await stat(other).then(
          () => true,
          () => false,
        );
        if (isThere) await whole(hash, (file) => copyFile(other, file, constants.COPYFILE_FICLONE));
      }
    },

    async sweep(named, now = new Date()) {
      let swept = 0;
      for (const name of await readdir(folder).catch(() => [])) {
        const isPicture = pictureHashSchema.safeParse(name).success;
        if (isPicture ? named.has(name) : !name.endsWith(unfinished)) continue;
        const file = join(folder, name);
        const { mtimeMs } = await stat(file);
        if (isPicture && now.getTime() - mtimeMs < keptDays * day) continue;
        await rm(file, { force: true });
        if (isPicture) swept++;
      }
      return swept;
    },
  };
}

const picturesIn = async (folder: string) =>
  (await readdir(folder).catch(() => [])).filter(
    (name) => pictureHashSchema.safeParse(name).success,
  );

async function touch(file: string): Promise<void> {
  const now = new Date();
  // A missing picture needs no deleting.
  await utimes(file, now, now).catch(() => undefined);
}

/** The pictures that are kept in the folder of backups, for all of them together. */
export const picturesOfBackups = (backupFile: string): string =>
  join(dirname(backupFile), 'pictures');
