import { differencesBetween, type AnyRecord, type Pot, type Recipe } from '@yellow-ledger/core';
import { useMemo } from 'react';
import { ComparedRecipes } from '../../kit/compare/ComparedRecipes';
import { Disclosure } from '../../kit/Disclosure';
import { useMerging } from '../../kit/merge/useMerging';
import { recipeWordsOf } from '../../kit/words/recipeWords';
import { TakeBackBar } from './TakeBackBar';

export interface RecipeThenProps {
  now: Recipe;
  then: Recipe;
  pots: readonly Pot[];
  /** undefined where it is not theirs to write */
  onTake: ((record: AnyRecord, part: 'all' | 'some') => void) | undefined;
}

/** A recipe as it was, beside what it is, to be taken back line by line. */
export function RecipeThen({ now, then, pots, onTake }: RecipeThenProps) {
  const differences = useMemo(() => differencesBetween(now, now, then).map(asNow), [now, then]);
  const words = useMemo(() => recipeWordsOf(now, pots, null), [now, pots]);
  const { merged, isChosen, table } = useMerging({
    differences,
    mine: now,
    theirs: then,
    words,
    heads: { mine: 'Now', theirs: 'Then' },
  });
  return (
    <>
      {table}
      {onTake && (
        <TakeBackBar kind="recipes" all={then} some={isChosen ? merged : null} onTake={onTake} />
      )}
      <Disclosure className="history-beside" title="Beside each other, line by line" isOpen>
        <ComparedRecipes one={now} other={then} pots={pots} sides={['Now', 'Then']} />
      </Disclosure>
    </>
  );
}

/** Nothing is taken back unless it is chosen. */
const asNow = <Each extends { changedBy: unknown }>(difference: Each) => ({
  ...difference,
  changedBy: 'mine' as const,
});
