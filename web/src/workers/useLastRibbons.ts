import type { Pot, Recipe } from '@yellow-ledger/core';
import { useEffect, useMemo, useSyncExternalStore } from 'react';
import { useCollection } from '../data/useCollections';
import { computationVersion } from './firstWorker';
import { ofPots, ofShelf } from './parts';
import { ribbonCache } from './ribbonCache';
import { ribbonKey } from './ribbonKey';
import { useAnswer } from './useAnswer';
import type { LastRibbon } from './shared/listWork';

/** So many are asked for together: those at the top are shown while the others are computed. */
const atOnce = 5;

/**
 * The pictures of the recipes that are on screen, from the cache or as they are worked out.
 *
 * @param recipes those that are known by now
 */
export function useLastRibbons(
  ids: readonly string[],
  recipes: ReadonlyMap<string, Recipe>,
): Record<string, LastRibbon> {
  const { keys, parts } = useRibbonKeys(ids, recipes);
  const cached = useSyncExternalStore(ribbonCache.listen, ribbonCache.now);
  const wanted = ids.filter((id) => {
    const key = keys.get(id);
    return cached !== null && key !== undefined && cached.get(id)?.key !== key;
  });
  const asked = wanted.slice(0, atOnce);
  const { answer } = useAnswer(
    parts,
    [asked.map((id) => keys.get(id)).join()],
    async (worker) => {
      const ribbons = await worker.lastRibbons(asked.flatMap((id) => recipes.get(id) ?? []));
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

/**
 * The key of each recipe's ribbon, and what it is predicted from. Until the finished surfaces are
 * known, only recipes that go onto a primer have one.
 */
function useRibbonKeys(ids: readonly string[], recipes: ReadonlyMap<string, Recipe>) {
  const pots = useCollection('pots');
  const grounds = useCollection('grounds');
  const list = ids.join();
  const keys = useMemo(() => {
    if (!pots) return new Map<string, string>();
    const sources = {
      pots: new Map(pots.map(({ content }): [string, Pot] => [content.id, content])),
      grounds: new Map(grounds?.map(({ id, recipe }): [string, Recipe] => [id, recipe])),
      version: computationVersion,
    };
    return new Map(
      list.split(',').flatMap((id): [string, string][] => {
        const recipe = recipes.get(id);
        if (!recipe || (recipe.ground && !grounds)) return [];
        return [[id, ribbonKey(recipe, sources)]];
      }),
    );
  }, [recipes, pots, grounds, list]);
  return { keys, parts: grounds ? ofShelf : ofPots };
}
