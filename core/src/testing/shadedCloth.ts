import type { Recipe } from '../written/recipe/recipe';
import { mixOf, recipeWith, stepWith } from './sampleRecipe';

/** Brown cloth with a wash and two lighter layers, which go on thinned with so many parts of water. */
export function shadedCloth(waterParts = 0): Recipe {
  return recipeWith([
    stepWith({ id: 'base', mix: mixOf({ brown: 1 }), coats: 2 }),
    stepWith({
      id: 'wash',
      stage: 'shade',
      technique: 'allOverWash',
      mix: mixOf({ wash: 1 }, { waterParts: 1 }),
    }),
    stepWith({
      id: 'layer',
      stage: 'layer',
      technique: 'layer',
      mix: mixOf({ brown: 3, bone: 1 }, { waterParts }),
      coats: 2,
      placement: { from: 0.5, to: 1, softness: 0.05, pull: 'up' },
    }),
    stepWith({
      id: 'light',
      stage: 'highlight',
      technique: 'layer',
      mix: mixOf({ brown: 1, bone: 1 }, { waterParts }),
      coats: 2,
      placement: { from: 0.7, to: 1, softness: 0.05, pull: 'up' },
    }),
  ]);
}
