import type { FormName } from '../place/forms';
import type { Shape } from '../place/shape';
import type { Recipe } from './recipe';

const usualForms: Record<Recipe['surface'], FormName> = {
  skin: 'limb',
  cloth: 'folds',
  armour: 'plate',
  leather: 'folds',
  bone: 'limb',
  metal: 'limb',
  gem: 'gem',
  glass: 'gem',
  blade: 'blade',
  hair: 'hair',
  wood: 'hair',
  base: 'plate',
  other: 'folds',
};

/** The form a recipe is looked at on: the one chosen, or the usual one of its surface. */
export function formOf({ form, surface }: Pick<Recipe, 'form' | 'surface'>): FormName {
  return form ?? usualForms[surface];
}

export type Shaped = Pick<Recipe, 'form' | 'surface' | 'light' | 'sections' | 'spots'>;

/**
 * The places there are on the surface of a recipe.
 *
 * @param form the one it is painted on, where that is another than the recipe’s own
 */
export function shapeOf({ light, sections, spots, ...recipe }: Shaped, form?: FormName): Shape {
  return { form: form ?? formOf(recipe), light, sections, spots };
}
