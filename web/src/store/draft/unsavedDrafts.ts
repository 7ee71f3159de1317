import { recipeSchema, revisionSchema, type Recipe } from '@yellow-ledger/core';
import { z } from 'zod';

const keyOf = (recipeId: string) => `yellow-ledger.unsaved.${recipeId}`;
const unsavedSchema = z.strictObject({ revision: revisionSchema, recipe: recipeSchema });

/**
 * Work that the server has not acknowledged yet, kept in the browser so that neither a closed page
 * nor a stopped server loses it.
 */
export const unsavedDrafts = {
  keep(recipe: Recipe, revision: number): void {
    try {
      localStorage.setItem(keyOf(recipe.id), JSON.stringify({ revision, recipe }));
    } catch {
      // A full or forbidden store only loses the safety net; saving to the server goes on.
    }
  },

  /** What is left of an earlier visit; null when there is nothing or it cannot be read. */
  find(recipeId: string): { revision: number; recipe: Recipe } | null {
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
