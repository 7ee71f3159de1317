import type { RequestHandler } from 'express';
import { Problem } from './problem';

const reading = new Set(['GET', 'HEAD', 'OPTIONS']);

/**
 * Lets only the ledger’s own pages write. A browser says which page a request comes from; without
 * this, a page from elsewhere could send forms to the ledger in its owner’s name.
 */
export const ownPagesOnly: RequestHandler = (request, _response, next) => {
  const { origin, host, 'sec-fetch-site': site } = request.headers;
  const isOwn =
    (origin === undefined || origin === `http://${host}`) &&
    (site === undefined || site === 'same-origin' || site === 'none');
  if (reading.has(request.method) || isOwn) return next();
  next(new Problem(403, 'other-page', 'Yellow Ledger is written to by its own pages only.'));
};
