import type { RequestHandler } from 'express';
import { Problem } from './problem';

const reading = new Set(['GET', 'HEAD', 'OPTIONS']);

/** Where the ledger’s own pages come from: a scheme, with the host they asked; or one address alone. */
export type OwnPages = { scheme: 'http' | 'https' } | { address: string };

/**
 * Lets only the ledger’s own pages write. A browser says which page a request comes from; without
 * this, a page from elsewhere could send forms to the ledger in its owner’s name.
 *
 * @param isReadingToo whether pages from elsewhere are not to read either
 */
export const ownPagesOnly =
  (own: OwnPages = { scheme: 'http' }, isReadingToo = false): RequestHandler =>
  (request, _response, next) => {
    const { origin, host, 'sec-fetch-site': site } = request.headers;
    const ownOrigin = 'address' in own ? own.address : `${own.scheme}://${host}`;
    const isOwn =
      (origin === undefined || origin === ownOrigin) &&
      (site === undefined || site === 'same-origin' || site === 'none');
    const isFree = !isReadingToo && reading.has(request.method);
    if (isFree || isOwn) return next();
    next(new Problem(403, 'other-page', 'Yellow Ledger is written to by its own pages only.'));
  };
