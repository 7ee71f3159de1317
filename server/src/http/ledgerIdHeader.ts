import type { RequestHandler } from 'express';
import type { Knex } from 'knex';
import { Problem } from './problem';

/** Carries the identity of the ledger, in answers and in what is asked of it. */
export const identityHead = 'X-Ledger';
/** How often a backup has taken its place: pages that are open then begin anew. */
export const restoresHead = 'X-Ledger-Restores';

/**
 * Every answer says which ledger it is of; what is meant for another is refused. A page that finds
 * another ledger at its address, or something that is none, keeps what it could not send.
 */
export function ledgerIdHeader(db: Knex): RequestHandler {
  let identity: Promise<{ id: string; restores: number }> | null = null;
  const read = async () => {
    const row = await db<{ id: string; restores: number }>('ledger_identity').first();
    if (!row) throw new Error('the ledger has no identity');
    return row;
  };
  return async (request, response, next) => {
    identity ??= read();
    const { id, restores } = await identity;
    response.setHeader(identityHead, id);
    response.setHeader(restoresHead, restores);
    const meant = request.get(identityHead);
    if (meant === undefined || meant === id) return next();
    next(
      new Problem(
        409,
        'other-ledger',
        'This was meant for another ledger than the one that answers here; it is kept until that one answers.',
      ),
    );
  };
}
