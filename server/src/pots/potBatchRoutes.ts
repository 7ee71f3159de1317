import { potSchema, revisionSchema, type Kept, type Pot } from '@yellow-ledger/core';
import { Router } from 'express';
import { z } from 'zod';
import { scopeOf } from '../club/scope';
import type { Ledger } from '../db/ledger';
import { StaleWrite } from '../db/recordStore';
import { accept } from '../http/accept';
import { Problem } from '../http/problem';

const batchSchema = z.strictObject({
  writes: z
    .array(z.strictObject({ content: potSchema, revision: revisionSchema }))
    .min(1, 'at least one pot')
    .max(5000, 'at most 5,000 pots at once'),
});

/** Many pots in one go, as from a table: all of them or none. */
export function potBatchRoutes({ db, records: { pots } }: Ledger): Router {
  const router = Router();
  router.post('/', async (request, response) => {
    const { writes } = accept(batchSchema, request.body);
    await scopeOf(response).beforeWriting(
      'pots',
      writes.map(({ content }) => content),
    );
    const written: Kept<Pot>[] = [];
    await db.transaction(async (transaction) => {
      for (const { content, revision } of writes)
        try {
          written.push(await pots.put(content, revision, transaction));
        } catch (error) {
          if (!(error instanceof StaleWrite)) throw error;
          throw new Problem(
            409,
            'stale',
            `${content.name} was changed elsewhere since the table was looked at. Nothing was taken in; look at it again.`,
            { current: error.current },
          );
        }
    });
    response.json({ items: written });
  });
  return router;
}
