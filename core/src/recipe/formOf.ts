import type { FormName } from './formNames';
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
