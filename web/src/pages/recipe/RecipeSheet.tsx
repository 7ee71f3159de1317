import type { Pot } from '@yellow-ledger/core';
import { useMemo } from 'react';
import type { Draft } from '../../store/draft/draftSlice';
import { usePrediction } from '../../workers/usePrediction';
import { RecipeHead } from './RecipeHead';
import { RecipeLines } from './RecipeLines';
import { RecipeNotes } from './RecipeNotes';
import { recipeWordsOf } from './recipeWords';
import { StaleChoice } from './StaleChoice';
import './recipe.scss';

/** A recipe as a page of entries. */
export function RecipeSheet({ draft, pots }: { draft: Draft; pots: Pot[] }) {
  const recipe = draft.history.present;
  const { prediction, problem } = usePrediction(recipe, pots);
  const words = useMemo(() => recipeWordsOf(recipe, pots, prediction), [recipe, pots, prediction]);
  return (
    <div className="page recipe-page">
      <RecipeHead draft={draft} words={words} prediction={prediction} pots={pots} />
      {draft.saveState.is === 'stale' && (
        <StaleChoice draft={draft} theirs={draft.saveState.theirs} words={words} />
      )}
      {problem && (
        <div className="problem" role="alert">
          <p>The colours shown are of an earlier state: {problem}</p>
        </div>
      )}
      <RecipeLines draft={draft} words={words} prediction={prediction} pots={pots} />
      <RecipeNotes draft={draft} />
    </div>
  );
}
