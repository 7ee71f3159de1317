import { lineLimit } from '../written/record/fields';
import { potIdsOf, recipeSchema } from '../written/recipe/recipe';
import { keptByManagers } from './grants';
import { resource, type NamingFields } from './kind';

/** Recipes as long as their schema lets them be have 1.9 MB. */
const recipeBytes = 3_000_000;

/** Fields of a recipe that name other records, wherever a recipe stands. */
export const namedByRecipe: NamingFields = {
  potId: ['pots'],
  groundPotId: ['pots'],
  recipeId: ['recipes'],
};

/** A variant repeats the name of its parent. */
export const repeatedByRecipe = { 'parent.recipeId': ['name'] } as const;

export const recipes = resource({
  schema: recipeSchema,
  label: 'recipe',
  nameOf: ({ name }) => name,
  rights: keptByManagers,
  names: namedByRecipe,
  repeats: repeatedByRecipe,
  potsDrawn: potIdsOf,
  since: 0,
  hasHistory: true,
  largestBytes: recipeBytes,
  isCopied: (recipe, mark, id) => ({
    ...recipe,
    id,
    name: recipe.name.slice(0, lineLimit - mark.length) + mark,
  }),
});
