import type { Knex } from 'knex';
import { connect } from '../db/openDatabase';
import { restoring } from './writeGate';

/** Reads a ledger as it is at one moment. @param signal says that the ledger is being closed */
export type ReadMoment<Read> = (within: Knex.Transaction, signal: AbortSignal) => Promise<Read>;

/** Long reads, each on a connection of its own, so that nobody waits for them. */
export interface OwnMoments {
  atOneMoment<Read>(read: ReadMoment<Read>): Promise<Read>;
  /** Ends those under way and refuses more: their connections would hold on to the file. */
  end(): Promise<void>;
}

export function ownMoments(databaseFile: string): OwnMoments {
  const ending = new AbortController();
  const underWay = new Set<Promise<unknown>>();

  async function readOn<Read>(read: ReadMoment<Read>): Promise<Read> {
    const db = connect(databaseFile);
    try {
      return await db.transaction((within) => read(within, ending.signal));
    } finally {
      await db.destroy();
    }
  }

  return {
    async atOneMoment(read) {
      if (ending.signal.aborted) throw restoring();
      const reading = readOn(read);
      underWay.add(reading);
      try {
        return await reading;
      } finally {
        underWay.delete(reading);
      }
    },

    async end() {
      ending.abort(restoring());
      await Promise.allSettled([...underWay]);
    },
  };
}
