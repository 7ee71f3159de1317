import type { Imported } from '../files/importSections';
import type { OwnMoments } from './ownMoments';

/** Progress of a large task, and its cancellation. */
export interface Watched {
  /** told the share that is done, 0–1 */
  onProgress: (share: number) => void;
  /** ends it, with nothing changed */
  signal?: AbortSignal;
  /** whose it becomes, in a club */
  ownerId?: string | undefined;
}

/** Tasks that take long with a large ledger, and must not keep others waiting. */
export interface LedgerWork extends Pick<OwnMoments, 'atOneMoment'> {
  /**
   * Takes a ledger file in, all or nothing.
   *
   * @param path of the file
   * @throws LedgerFileError where it cannot be taken in; Cancelled
   */
  takeIn(path: string, watched: Watched): Promise<Imported>;
  /** Copies the ledger whole, whatever is written meanwhile. @param to a file that is not there yet */
  copy(to: string): Promise<void>;
  /** Copies a backup with its pictures in it. @param to a file that is not there yet */
  pack(backup: string, to: string): Promise<void>;
  /**
   * Makes a backup ready to take the place of a ledger, on a copy.
   *
   * @param from the backup
   * @param trial a file that is not there yet
   * @throws StartProblem that says what is wrong with the backup
   */
  prepare(from: string, trial: string, replaced: string): Promise<Record<string, number>>;
  /** Ends all of it that is under way, and refuses more: the ledger is about to be closed. */
  end(): Promise<void>;
}

/** It was ended by whoever began it. */
export class Cancelled extends Error {
  constructor() {
    super('cancelled');
    this.name = 'Cancelled';
  }
}
