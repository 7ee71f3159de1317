import type { Imported } from '../files/importSections';

/** The task a thread is started for. */
export type ThreadTask =
  | {
      does: 'takeIn';
      databaseFile: string;
      path: string;
      staging: string;
      ownerId?: string | undefined;
    }
  | { does: 'copy'; databaseFile: string; to: string }
  | { does: 'pack'; backup: string; to: string }
  | { does: 'prepare'; from: string; trial: string; replaced: string };

/** The messages of a thread. */
export type FromThread =
  | { says: 'progress'; share: number }
  /** it has read everything, and waits for the word to write */
  | { says: 'ready' }
  | { says: 'done'; imported?: Imported; counts?: Record<string, number> }
  /** the file or backup is wrong */
  | { says: 'refused'; message: string };

/** The word to write. */
export interface ToThread {
  says: 'write';
}
