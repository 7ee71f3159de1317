import { statSync } from 'node:fs';
import type { RequestHandler } from 'express';
import { Problem } from './problem';

const reading = new Set(['GET', 'HEAD', 'OPTIONS']);

/**
 * Takes nothing in once the database file has been deleted or replaced under the running server:
 * what it acknowledged then would be on no disk anybody can find.
 *
 * @param file of the database, open already
 */
export function refuseIfDatabaseMoved(file: string): RequestHandler {
  const identity = () => statSync(file, { throwIfNoEntry: false })?.ino;
  const opened = identity();
  return (request, _response, next) => {
    if (reading.has(request.method) || identity() === opened) return next();
    next(
      new Problem(
        503,
        'file-gone',
        'The ledger’s file was taken away while it was open, so nothing more is taken. Put it back, or a backup, and start the ledger again; what you do meanwhile waits in the browser.',
      ),
    );
  };
}
