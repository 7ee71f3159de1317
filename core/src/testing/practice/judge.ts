import { adviseRecipe } from '../../answers/advice/adviseRecipe';
import type { Remark } from '../../answers/advice/remark';
import { predictBuildUp } from '../../predicted/buildUp/predictBuildUp';
import type { Recipe } from '../../written/recipe/recipe';
import type { Shelf } from '../../predicted/paint/mixedPaint';
import type { PracticeFault } from './faults/practiceFault';
import { withFault } from './faults/practiceFault';
import { practiceFaults } from './faults/faults';
import { goodOnScrap, goodRecipes } from './good';
import { practiceShelf } from './practicePots';

export const remarksOf = (recipe: Recipe, shelf: Shelf = practiceShelf): Remark[] =>
  adviseRecipe(recipe, predictBuildUp(recipe, shelf), shelf);

/** The remarks of the ledger on the corpus. */
export interface Judgement {
  /** good recipes and what was wrongly objected to in them */
  good: { recipe: Recipe; wrong: Remark[] }[];
  faulty: { fault: PracticeFault; recipe: Recipe; isCaught: boolean; said: Remark[] }[];
}

/** The whole corpus judged. @param drawn what is done to each recipe first, as by a shaking hand */
export function judge(
  drawn: (recipe: Recipe) => Recipe = (recipe) => recipe,
  shelf: Shelf = practiceShelf,
): Judgement {
  return {
    good: goodRecipes.map(drawn).map((recipe) => ({
      recipe,
      wrong: remarksOf(recipe, shelf).filter(({ kind }) => kind === 'objection'),
    })),
    faulty: practiceFaults.map((fault) => {
      const recipe = drawn(withFault(goodOnScrap, fault));
      const said = remarksOf(recipe, shelf);
      return { fault, recipe, said, isCaught: said.some(({ rule }) => rule === fault.rule) };
    }),
  };
}
