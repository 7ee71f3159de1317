import { differencesBetween, type Kept, type Recipe } from '@yellow-ledger/core';
import { useMemo } from 'react';
import { ReasonButton } from '../../kit/ReasonButton';
import { useWriter } from '../../data/useWriter';
import { useMerging } from '../../kit/merge/useMerging';
import { Problem } from '../../kit/Problem';
import type { RecipeWords } from '../../kit/words/recipeWords';
import type { Draft } from './useDraft';

export interface StaleChoiceProps {
  draft: Draft;
  theirs: Kept<Recipe> | null;
  words: RecipeWords;
}

/** The recipe was changed elsewhere too: both versions, line by line, for the painter to choose. */
export function StaleChoice({ draft, theirs, words }: StaleChoiceProps) {
  const writer = useWriter();
  const mine = draft.recipe;
  const differences = useMemo(
    () => (theirs ? differencesBetween(draft.base.content, mine, theirs.content) : []),
    [draft.base, mine, theirs],
  );
  const { merged, isRight, table } = useMerging({
    differences,
    mine,
    theirs: theirs?.content,
    words,
    heads: { mine: 'Here', theirs: 'There' },
  });
  return (
    <Problem aria-label="Changed elsewhere" className="stale">
      <h2>
        {theirs ? 'This recipe was changed elsewhere too' : 'This recipe was deleted elsewhere'}
      </h2>
      <p>
        {theirs
          ? 'Nothing is lost yet: choose for each difference what is to stand.'
          : 'What you see is kept in this browser. You can put it back on the list.'}
      </p>
      {table}
      <ReasonButton
        variant="next"
        why={isRight ? null : 'Choose for each difference first.'}
        onClick={() => writer.settle('recipes', mine.id, merged)}
      >
        {theirs ? 'Keep what is chosen' : 'Put it back'}
      </ReasonButton>
    </Problem>
  );
}
