import { goodAimed } from './goodAimed';
import { goodByMoreHands } from './goodByMoreHands';
import { goodByOthers } from './goodByOthers';
import { goodByOthersHard } from './goodByOthersHard';
import { goodCloth } from './goodCloth';
import { goodHard } from './goodHard';
import { goodOddities } from './goodOddities';
import { goodRough } from './goodRough';
import { goodSkin } from './goodSkin';
import { goodTransparent } from './goodTransparent';
import { practiceRecipe, type PracticeRecipe } from './practiceRecipe';

/** As they were written down. */
export const goodOnScrap: readonly PracticeRecipe[] = [
  ...goodSkin,
  ...goodCloth,
  ...goodTransparent,
  ...goodHard,
  ...goodRough,
  ...goodOddities,
  ...goodByOthers,
  ...goodByOthersHard,
  ...goodByMoreHands,
  ...goodAimed,
];

/** Recipes as good painters paint them: there is nothing to object to. */
export const goodRecipes = goodOnScrap.map(practiceRecipe);
