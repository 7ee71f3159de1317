import {
  formOf,
  lineAtTone,
  predictBuildUp,
  recipeInValues,
  type BuildUp,
  type LineAtTone,
  type Recipe,
  type RecipeInValues,
} from '@yellow-ledger/core';
import { shelfInHand, whenChanged } from '../../workers/shared/ledgerData';

/** The recipe photographs were last held against: it is pointed at again and again. */
let last: { key: string; build: BuildUp } | null = null;
whenChanged(['pots', 'grounds'], () => {
  last = null;
});

function buildOf(recipe: Recipe): BuildUp {
  const key = JSON.stringify(recipe);
  if (last?.key !== key) last = { key, build: predictBuildUp(recipe, shelfInHand()) };
  return last.build;
}

export const photographWork = {
  /** How much of its form a recipe leaves in each of so many values. */
  valuesOfRecipe(recipe: Recipe, values: number): RecipeInValues {
    return recipeInValues(buildOf(recipe), formOf(recipe), values);
  },

  /** The effect of a recipe at places of a tone. */
  lineAtTone(recipe: Recipe, tone: number): LineAtTone {
    return lineAtTone(recipe, buildOf(recipe), tone);
  },
};
