import { groundRefusal, groundsBelow, pinKey, shelfOf, type Recipe } from '@yellow-ledger/core';
import type { Ledger } from '../db/ledger';
import type { RecordStore } from '../db/recordStore';
import { Problem } from '../http/problem';
import { groundsOf } from './groundsOf';

/** The recipes, of which none is put onto something that is painted on top of it. */
export function refusedInCircles(ledger: Ledger): RecordStore<Recipe> {
  const store = ledger.records.recipes;
  return {
    ...store,
    async put(recipe, revision, within) {
      if (recipe.ground) await refuseCircle(recipe);
      return store.put(recipe, revision, within);
    },
  };

  async function refuseCircle(recipe: Recipe): Promise<void> {
    const shelf = shelfOf([], await groundsOf(recipe, ledger));
    const { problem } = groundsBelow(recipe, shelf);
    if (!problem || problem.is === 'gone') return;
    const before = await store.get(recipe.id);
    // One that came about elsewhere keeps nobody from writing the rest of the recipe.
    if (pinKey(before?.content.ground ?? null) === pinKey(recipe.ground ?? null)) return;
    const message = groundRefusal(recipe, shelf) ?? '';
    throw new Problem(400, 'invalid', message, {
      fields: [
        {
          field: 'ground',
          value: `the recipe ${problem.pin.recipeId}`,
          expected: 'a recipe that is not painted on top of this one',
        },
      ],
    });
  }
}
