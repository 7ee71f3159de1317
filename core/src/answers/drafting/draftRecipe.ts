import type { Recipe } from '../../written/recipe/recipe';
import type { Step } from '../../written/recipe/step';

/** Drafted lines as a recipe to be predicted, before it has a name and a size of its own. */
export function draftRecipe(
  steps: Step[],
  groundPotId: string,
  on: Pick<Recipe, 'form' | 'spots'> = {},
): Recipe {
  return {
    id: 'draft',
    name: 'Draft',
    surface: 'other',
    groundPotId,
    finishLevel: 'display',
    models: 1,
    areaCm2: 8,
    steps,
    notes: '',
    archived: false,
    ...(on.form && { form: on.form }),
    ...(on.spots && on.spots.length > 0 && { spots: on.spots }),
  };
}
