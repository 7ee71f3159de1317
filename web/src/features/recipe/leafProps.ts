import type { Pot } from '@yellow-ledger/core';
import type { Draft } from './useDraft';
import type { Prediction } from '../../workers/shared/predictWork';
import type { RecipeWords } from '../../kit/words/recipeWords';

/** What every leaf of a recipe's page is given. */
export interface LeafProps {
  draft: Draft;
  words: RecipeWords;
  prediction: Prediction | null;
  pots: Pot[];
}
