import type { RequestHandler } from 'express';
import { Problem } from './problem';

/**
 * Answers only to the ledger's own names. Without it a page from elsewhere could point a name of its
 * own at this machine and read the ledger through a member's browser.
 *
 * @param isOwn whether a name, without its port, is one of them
 */
export const ownHostsOnly =
  (isOwn: (name: string) => boolean): RequestHandler =>
  (request, _response, next) => {
    const name = (request.headers.host ?? '').replace(/:\d+$/, '');
    if (isOwn(name)) return next();
    next(
      new Problem(
        421,
        'other-host',
        'Yellow Ledger does not answer at this address. Use one it printed when it was started, or add the name to YELLOW_LEDGER_NAMES.',
      ),
    );
  };
