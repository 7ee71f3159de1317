import type { RequestHandler } from 'express';
import { Problem } from './problem';

const loopbackNames = new Set(['127.0.0.1', 'localhost', '[::1]']);

/**
 * Answers only to this machine's own names. Without it a page from elsewhere could point a name of
 * its own at 127.0.0.1 and read the ledger through the owner's browser.
 */
export const loopbackOnly: RequestHandler = (request, _response, next) => {
  const name = (request.headers.host ?? '').replace(/:\d+$/, '');
  if (loopbackNames.has(name)) return next();
  next(new Problem(403, 'not-loopback', 'Yellow Ledger answers only at 127.0.0.1 and localhost.'));
};
