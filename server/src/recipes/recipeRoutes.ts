import { recipeSchema, type Recipe } from '@yellow-ledger/core';
import type { RecordStore } from '../db/recordStore';
import { Problem } from '../http/problem';
import { recordRoutes } from '../http/recordRoutes';
import { UnknownPots } from './recipeStore';

export function recipeRoutes(store: RecordStore<Recipe>) {
  return recordRoutes('recipe', recipeSchema, {
    ...store,
    async put(content, revision) {
      try {
        return await store.put(content, revision);
      } catch (error) {
        if (!(error instanceof UnknownPots)) throw error;
        throw new Problem(
          400,
          'unknown-pots',
          `The recipe draws from pots that are on no shelf: ${error.potIds.join(', ')}. Add them first, or choose others.`,
        );
      }
    },
  });
}
