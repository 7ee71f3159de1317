import type { Pot } from '@yellow-ledger/core';
import { useEffect, useState } from 'react';
import type { LastRibbon, RecipeRow } from './work/listWork';
import { withShelf } from './ledgerWorker';

/** The pictures of the recipes that are on screen, worked out as they come into view. */
export function useLastRibbons(shown: readonly RecipeRow[], pots: Pot[] | undefined) {
  const [ribbons, setRibbons] = useState<Record<string, LastRibbon>>({});
  const wanted = shown.map(({ id, savedAt }) => `${id} ${savedAt}`).join();

  useEffect(() => {
    if (!pots || !wanted) return;
    let isCurrent = true;
    void withShelf(pots)
      .lastRibbons(shown.map(({ id }) => id))
      .then((found) => {
        if (isCurrent) setRibbons((known) => ({ ...known, ...found }));
      });
    return () => {
      isCurrent = false;
    };
    // `wanted` says everything of `shown` that the ribbons depend on.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [wanted, pots]);

  return ribbons;
}
