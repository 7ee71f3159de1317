import { freezeSchema, idSchema, wholeNumberWithin } from '@yellow-ledger/core';
import { Router } from 'express';
import { z } from 'zod';
import { StaleWrite } from '../db/storeErrors';
import { parseOrThrow } from '../http/parseOrThrow';
import { Problem } from '../http/problem';
import { openFor } from '../open/openFor';

const addressSchema = z.object({
  id: idSchema,
  number: z
    .string()
    .regex(/^\d+$/, 'a whole number')
    .transform(Number)
    .pipe(wholeNumberWithin(1, 9999)),
});

/** The frozen versions of a recipe: read, and freeze the next. They are never written over. */
export function versionRoutes(): Router {
  const router = Router();

  router.get('/versions', async (_request, response) => {
    // Each is read through once: a list of thousands is asked for by every page that opens.
    const { items, damaged } = await openFor(response).versions.all();
    response.json({ items, ...(damaged.length > 0 && { damaged }) });
  });

  router.get('/recipes/:id/versions', async (request, response) => {
    response.json({ items: await openFor(response).versions.of(request.params.id) });
  });

  router.delete('/recipes/:id/versions/:number', async (request, response) => {
    const { id, number } = parseOrThrow(addressSchema, request.params);
    if (!(await openFor(response).versions.removeDamaged(id, number)))
      throw new Problem(
        409,
        'kept',
        'Versions are kept: only one that nobody can read is deleted.',
      );
    response.status(204).end();
  });

  router.put('/recipes/:id/versions/:number', async (request, response) => {
    const { id, number } = parseOrThrow(addressSchema, request.params);
    const asked = parseOrThrow(freezeSchema, request.body);
    try {
      response.json(await openFor(response).versions.freeze(id, number, asked));
    } catch (error) {
      if (!(error instanceof StaleWrite)) throw error;
      throw new Problem(
        409,
        'stale',
        error.current
          ? 'This recipe or its versions were changed elsewhere since you opened it; load it again, then save the version.'
          : 'This recipe was deleted elsewhere since you opened it.',
        { current: error.current },
      );
    }
  });

  return router;
}
