import {
  fieldErrors,
  mergeRecipes,
  recipeSchema,
  sentenceOf,
  usualChoices,
  type Difference,
  type Recipe,
  type Side,
} from '@yellow-ledger/core';
import { useState } from 'react';
import type { RecipeWords } from '../words/recipeWords';
import { DifferenceTable } from './DifferenceTable';

export interface MergingProps {
  differences: readonly Difference[];
  mine: Recipe;
  theirs: Recipe | undefined;
  words: RecipeWords;
  /** what the two sides are called */
  heads: { mine: string; theirs: string };
}

/** Two states of a recipe made one: what was chosen of each, and the table to choose it in. */
export function useMerging({ differences, mine, theirs, words, heads }: MergingProps) {
  const [chosen, setChosen] = useState<Record<string, Side>>({});
  const choices = { ...usualChoices(differences), ...chosen };
  const merged = theirs ? mergeRecipes(mine, theirs, differences, choices) : mine;
  const check = recipeSchema.safeParse(merged);
  const table = (
    <>
      {differences.length > 0 && (
        <DifferenceTable
          differences={differences}
          mine={mine}
          theirs={theirs}
          words={words}
          heads={heads}
          choices={choices}
          onChoose={(key, side) => setChosen({ ...chosen, [key]: side })}
        />
      )}
      {!check.success && (
        <p>
          <b>These do not go together.</b>{' '}
          {fieldErrors(check.error, merged).map(sentenceOf).join(' ')}
        </p>
      )}
    </>
  );
  const isChosen = differences.some(({ key }) => choices[key] === 'theirs');
  return { merged, isRight: check.success, isChosen, table };
}
