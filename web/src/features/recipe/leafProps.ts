import type { Pot } from '@yellow-ledger/core';
import type { Draft } from './useDraft';
import type { Prediction } from '../../workers/shared/predictWork';
import type { RecipeWords } from '../../kit/words/recipeWords';

/** The props of every tab of a recipe's page. */
export interface LeafProps {
  draft: Draft;
  words: RecipeWords;
  prediction: Prediction | null;
  pots: Pot[];
}
