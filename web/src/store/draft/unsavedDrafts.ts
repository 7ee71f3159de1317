import { keptSchema, recipeSchema, type Kept, type Recipe } from '@yellow-ledger/core';
import { z } from 'zod';

const keyOf = (recipeId: string) => `yellow-ledger.unsaved.${recipeId}`;
const unsavedSchema = z.strictObject({ base: keptSchema(recipeSchema), recipe: recipeSchema });

/**
 * Work that the server has not acknowledged yet, kept in the browser so that neither a closed page
 * nor a stopped server loses it.
 */
export const unsavedDrafts = {
  /** @param base what the work was begun from, for telling later who changed what */
  keep(recipe: Recipe, base: Kept<Recipe>): void {
    try {
      localStorage.setItem(keyOf(recipe.id), JSON.stringify({ base, recipe }));
    } catch {
      // A full or forbidden store only loses the safety net; saving to the server goes on.
    }
  },

  /** What is left of an earlier visit; null when there is nothing or it cannot be read. */
  find(recipeId: string): { base: Kept<Recipe>; recipe: Recipe } | null {
    const text = localStorage.getItem(keyOf(recipeId));
    if (text === null) return null;
    try {
      return unsavedSchema.parse(JSON.parse(text));
    } catch {
      return null;
    }
  },

  forget(recipeId: string): void {
    localStorage.removeItem(keyOf(recipeId));
  },
};
