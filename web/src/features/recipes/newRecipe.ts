import {
  lineLimit,
  potBegun,
  primerPots,
  withNewIds,
  type Pot,
  type Recipe,
} from '@yellow-ledger/core';

/** An empty recipe with what it needs that the shelf has not. */
export interface NewRecipe {
  recipe: Recipe;
  /** plain primers, marked as guesses; none where the shelf has a primer */
  primers: Pot[];
}

/** An empty recipe on the first primer of the shelf; on a plain one where there is none. */
export function newRecipe(pots: readonly Pot[]): NewRecipe {
  const primer = pots.find(({ kind, retired }) => kind === 'primer' && !retired);
  const primers = primer ? [] : primerPots.map((each) => potBegun(each, crypto.randomUUID()));
  return { recipe: emptyRecipe((primer ?? primers[0]).id), primers };
}

function emptyRecipe(groundPotId: string): Recipe {
  return {
    id: crypto.randomUUID(),
    name: 'New recipe',
    surface: 'cloth',
    groundPotId,
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
