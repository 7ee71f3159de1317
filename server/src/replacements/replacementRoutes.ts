import { pageOfText, recipeSchema, revisionSchema } from '@yellow-ledger/core';
import { Router } from 'express';
import { z } from 'zod';
import { StaleWrite } from '../db/storeErrors';
import { parseOrThrow } from '../http/parseOrThrow';
import { Problem } from '../http/problem';
import { openFor } from '../open/openFor';

const replacementSchema = z.strictObject({
  note: pageOfText,
  recipes: z
    .array(z.strictObject({ content: recipeSchema, revision: revisionSchema }))
    .min(1, 'at least one recipe')
    .max(1000, 'at most 1,000 recipes'),
});

/** Writes recipes in which a pot was replaced, each as a new version; all of them or none. */
export function replacementRoutes(): Router {
  const router = Router();
  router.post('/', async (request, response) => {
    const replacement = parseOrThrow(replacementSchema, request.body);
    try {
      response.json({ items: await openFor(response).replaceInRecipes(replacement) });
    } catch (error) {
      if (!(error instanceof StaleWrite)) throw error;
      throw new Problem(
        409,
        'stale',
        'One of these recipes was changed elsewhere since you looked at it. Nothing was replaced; look again and choose once more.',
        { current: error.current },
      );
    }
  });
  return router;
}
