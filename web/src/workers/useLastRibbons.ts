import type { Pot, Recipe } from '@yellow-ledger/core';
import { useEffect, useMemo, useSyncExternalStore } from 'react';
import { usePart } from '../ledger/useParts';
import { computationVersion } from './firstWorker';
import { ofRecipes } from './parts';
import { ribbonCache } from './ribbonCache';
import { ribbonKey } from './ribbonKey';
import { useAnswer } from './useAnswer';
import type { LastRibbon } from './work/listWork';

/** So many are asked for together: those at the top are shown while the others are computed. */
const atOnce = 5;

/** The pictures of the recipes that are on screen, from the cache or as they are worked out. */
export function useLastRibbons(ids: readonly string[]): Record<string, LastRibbon> {
  const keys = useRibbonKeys(ids);
  const cached = useSyncExternalStore(ribbonCache.listen, ribbonCache.now);
  const wanted = ids.filter((id) => {
    const key = keys.get(id);
    return cached !== null && key !== undefined && cached.get(id)?.key !== key;
  });
  const asked = wanted.slice(0, atOnce);
  const { answer } = useAnswer(
    ofRecipes,
    [asked.map((id) => keys.get(id)).join()],
    async (worker) => {
      const ribbons = await worker.lastRibbons(asked);
      return asked.map(
        (id) => [id, { key: keys.get(id) ?? '', ribbon: ribbons[id] ?? null }] as const,
      );
    },
    asked.length > 0,
  );
  useEffect(() => {
    if (answer) ribbonCache.put(answer);
  }, [answer]);
  return Object.fromEntries(
    ids.flatMap((id) => {
      const ribbon = cached?.get(id)?.ribbon;
      return ribbon ? [[id, ribbon]] : [];
    }),
  );
}

/** The key of each recipe's ribbon; none for a recipe that is not there. */
function useRibbonKeys(ids: readonly string[]): ReadonlyMap<string, string> {
  const recipes = usePart('recipes');
  const pots = usePart('pots');
  const grounds = usePart('grounds');
  const list = ids.join();
  return useMemo(() => {
    if (!recipes || !pots || !grounds) return new Map<string, string>();
    const sources = {
      pots: new Map(pots.map(({ content }): [string, Pot] => [content.id, content])),
      grounds: new Map(grounds.map(({ id, recipe }): [string, Recipe] => [id, recipe])),
      version: computationVersion,
    };
    const shown = new Set(list.split(','));
    return new Map(
      recipes.flatMap(({ content }): [string, string][] =>
        shown.has(content.id) ? [[content.id, ribbonKey(content, sources)]] : [],
      ),
    );
  }, [recipes, pots, grounds, list]);
}
