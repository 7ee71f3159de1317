import type { Pot } from '@yellow-ledger/core';
import { Suspense, useMemo, type ComponentType } from 'react';
import { UnlessMine } from '../../kit/club/UnlessMine';
import { preload, lazyComponent } from '../../kit/lazy/lazyComponent';
import { Problem } from '../../kit/Problem';
import { recipeWordsOf } from '../../kit/words/recipeWords';
import { usePrediction } from './usePrediction';
import { BeginHere } from './line/BeginHere';
import type { LeafProps } from './leafProps';
import { LinesLeaf } from './LinesLeaf';
import { RecipeHead } from './RecipeHead';
import { RecipeLeaves, type LeafPath } from './RecipeLeaves';
import type { Draft } from './useDraft';
import { PageWait } from '../../kit/PageWait';
import './recipe.scss';

// Seldom needed, so not fetched with the page.
const StaleChoice = lazyComponent(async () => ({
  default: (await import('./StaleChoice')).StaleChoice,
}));

export interface RecipeSheetProps {
  draft: Draft;
  pots: Pot[];
  leaf: LeafPath;
}

const pageOfLeaf: Record<LeafPath, ComponentType<LeafProps>> = {
  '': LinesLeaf,
  form: lazyComponent(() => import('./tabs/FormLeaf')),
  values: lazyComponent(() => import('./tabs/ValuesLeaf')),
  levels: lazyComponent(() => import('./tabs/LevelsLeaf')),
  recolour: lazyComponent(() => import('./tabs/RecolourLeaf')),
  versions: lazyComponent(() => import('./tabs/versions/VersionsLeaf')),
  photographs: lazyComponent(() => import('./tabs/PhotographsLeaf')),
  card: lazyComponent(() => import('./tabs/CardLeaf')),
  text: lazyComponent(() => import('./tabs/text/TextLeaf')),
};

/** The code of the leaf that was asked for, which comes while the recipe is on its way. */
export const askedLeaf = preload(pageOfLeaf[window.location.pathname.split('/')[3] as LeafPath]);

/** Leaves on which the recipe is changed. */
const changing: ReadonlySet<string> = new Set(['', 'text', 'levels']);

/** A recipe as a page of entries. */
export function RecipeSheet({ draft, pots, leaf }: RecipeSheetProps) {
  const Leaf = pageOfLeaf[leaf];
  const recipe = draft.recipe;
  const { prediction, problem } = usePrediction(recipe);
  const words = useMemo(() => recipeWordsOf(recipe, pots, prediction), [recipe, pots, prediction]);
  return (
    <div className="page recipe-page">
      <BeginHere recipeId={recipe.id} leaf={leaf} />
      <RecipeHead draft={draft} words={words} prediction={prediction} pots={pots} />
      {draft.saveState.is === 'stale' && (
        <Suspense>
          <StaleChoice draft={draft} theirs={draft.saveState.theirs} words={words} />
        </Suspense>
      )}
      {problem && (
        <Problem>
          <p>The colours shown are of an earlier state: {problem}</p>
        </Problem>
      )}
      <RecipeLeaves recipeId={recipe.id} />
      <Suspense fallback={<PageWait>Opening the tab …</PageWait>}>
        {changing.has(leaf) ? (
          <UnlessMine kind="recipes" id={recipe.id}>
            <Leaf draft={draft} words={words} prediction={prediction} pots={pots} />
          </UnlessMine>
        ) : (
          <Leaf draft={draft} words={words} prediction={prediction} pots={pots} />
        )}
      </Suspense>
    </div>
  );
}
