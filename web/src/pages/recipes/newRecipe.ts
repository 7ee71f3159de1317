import { lineLimit, withNewIds, type Pot, type Recipe } from '@yellow-ledger/core';

/** An empty recipe on the first primer of the shelf; null where there is no primer. */
export function newRecipe(pots: readonly Pot[]): Recipe | null {
  const primer = pots.find(({ kind, retired }) => kind === 'primer' && !retired);
  if (!primer) return null;
  return {
    id: crypto.randomUUID(),
    name: 'New recipe',
    surface: 'cloth',
    groundPotId: primer.id,
    finishLevel: 'display',
    models: 6,
    areaCm2: 8,
    steps: [],
    notes: '',
    archived: false,
  };
}

/** The same recipe under another name, with lines of its own. */
export function copyOfRecipe(recipe: Recipe): Recipe {
  const mark = ' (copy)';
  return {
    ...recipe,
    id: crypto.randomUUID(),
    name: recipe.name.slice(0, lineLimit - mark.length) + mark,
    archived: false,
    steps: withNewIds(recipe.steps, () => crypto.randomUUID()),
  };
}
