import {
  differencesBetween,
  mergeRecipes,
  recipeSchema,
  usualChoices,
  type Kept,
  type Recipe,
  type Side,
} from '@yellow-ledger/core';
import { useMemo, useState } from 'react';
import { useWriter } from '../../ledger/useWriter';
import type { Draft } from './useDraft';
import { CannotMerge } from '../../parts/merge/CannotMerge';
import { DifferenceTable } from '../../parts/merge/DifferenceTable';
import type { RecipeWords } from '../../parts/words/recipeWords';

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
  const [chosen, setChosen] = useState<Record<string, Side>>({});
  const choices = { ...usualChoices(differences), ...chosen };
  const merged = theirs ? mergeRecipes(mine, theirs.content, differences, choices) : mine;
  const check = recipeSchema.safeParse(merged);
  return (
    <section className="problem stale" aria-label="Changed elsewhere" role="alert">
      <h2>
        {theirs ? 'This recipe was changed elsewhere too' : 'This recipe was deleted elsewhere'}
      </h2>
      <p>
        {theirs
          ? 'Nothing is lost yet: choose for each difference what is to stand.'
          : 'What you see is kept in this browser. You can put it back on the list.'}
      </p>
      {differences.length > 0 && (
        <DifferenceTable
          differences={differences}
          mine={mine}
          theirs={theirs?.content}
          words={words}
          heads={{ mine: 'Here', theirs: 'There' }}
          choices={choices}
          onChoose={(key, side) => setChosen({ ...chosen, [key]: side })}
        />
      )}
      <CannotMerge check={check} merged={merged} />
      <button
        type="button"
        className="next-button"
        disabled={!check.success}
        onClick={() => writer.settle('recipes', mine.id, merged)}
      >
        {theirs ? 'Keep what is chosen' : 'Put it back'}
      </button>
    </section>
  );
}
