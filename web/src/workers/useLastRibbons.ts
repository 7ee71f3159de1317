import { ofRecipes } from './parts';
import { useAnswer } from './useAnswer';
import type { LastRibbon } from './work/listWork';

const none: Record<string, LastRibbon> = {};

/** The pictures of the recipes that are on screen, worked out as they come into view. */
export function useLastRibbons(ids: readonly string[]): Record<string, LastRibbon> {
  const { answer } = useAnswer(
    ofRecipes,
    [ids.join()],
    (worker) => worker.lastRibbons([...ids]),
    ids.length > 0,
  );
  return answer ?? none;
}
