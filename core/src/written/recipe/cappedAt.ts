import type { Recipe } from './recipe';
import { finishLevels, type FinishLevel } from './step';

/** A recipe with no line beyond a standard; as it is where none is said. */
export function cappedAt(recipe: Recipe, standard: FinishLevel | undefined): Recipe {
  if (!standard) return recipe;
  const levels = [recipe.finishLevel, standard].map((level) => finishLevels.indexOf(level));
  return { ...recipe, finishLevel: finishLevels[Math.min(...levels)] };
}
