import type { Knex } from 'knex';

/** The journal is written into the file so often, milliseconds. */
const every = 2000;

/**
 * Brings what stands in the journal into the database file, so that the bare file, copied by
 * whoever copies it, is never more than a moment old. What is acknowledged does not hang on it.
 *
 * @returns what ends it
 */
export function settleJournal(db: Knex): () => void {
  const timer = setInterval(
    () => void db.raw('pragma wal_checkpoint(passive)').catch(() => undefined),
    every,
  );
  timer.unref();
  return () => clearInterval(timer);
}
