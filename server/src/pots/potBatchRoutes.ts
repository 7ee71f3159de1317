import { potSchema, revisionSchema } from '@yellow-ledger/core';
import { Router } from 'express';
import { z } from 'zod';
import { parseOrThrow } from '../http/parseOrThrow';
import { openFor } from '../open/openFor';

const batchSchema = z.strictObject({
  writes: z
    .array(z.strictObject({ content: potSchema, revision: revisionSchema }))
    .min(1, 'at least one pot')
    .max(5000, 'at most 5,000 pots at once'),
});

/** Many pots in one go, as from a table: all of them or none. */
export function potBatchRoutes(): Router {
  const router = Router();
  router.post('/', async (request, response) => {
    const { writes } = parseOrThrow(batchSchema, request.body);
    response.json({ items: await openFor(response).putPots(writes) });
  });
  return router;
}
