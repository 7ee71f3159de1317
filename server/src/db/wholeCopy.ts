import { closeSync, fsyncSync, openSync, renameSync } from 'node:fs';
import { dirname } from 'node:path';

/** How the name of a file ends that is not whole yet. */
export const unfinished = '.unfinished';

/**
 * Makes a file that has its name only once all of it is on the disk.
 *
 * @param make writes it under the name it is given, which is not there yet
 */
export async function wholeFile(
  file: string,
  make: (unfinishedFile: string) => Promise<void>,
): Promise<void> {
  await make(file + unfinished);
  toDisk(file + unfinished);
  renameSync(file + unfinished, file);
  toDisk(dirname(file));
}

/** Brings a file, or the names in a folder, to the disk. */
export function toDisk(path: string): void {
  const handle = openSync(path, 'r');
  try {
    fsyncSync(handle);
  } finally {
    closeSync(handle);
  }
}
