import { onGround, potIdsOf, predictMainBuildUp, type Recipe } from '@yellow-ledger/core';
import { shelfInHand } from './ledgerData';

/** The last ribbon of a recipe, for its picture in the list. */
export interface LastRibbon {
  stops: readonly number[];
  hexes: string[];
  isEstimate: boolean;
}

export const listWork = {
  /** The last ribbons of recipes. */
  lastRibbons(recipes: readonly Recipe[]): Record<string, LastRibbon> {
    const shelf = shelfInHand();
    const ribbons: Record<string, LastRibbon> = {};
    for (const recipe of recipes) {
      // One that draws from a pot nobody can read has no picture; the others have theirs.
      const { recipe: whole } = onGround(recipe, shelf);
      if (potIdsOf(whole).some((potId) => !shelf.has(potId))) continue;
      const { stops, ground, groundIsEstimate, steps } = predictMainBuildUp(recipe, shelf);
      const last = steps.at(-1);
      ribbons[recipe.id] = {
        stops,
        hexes: (last?.surface ?? ground).map(({ hex }) => hex),
        isEstimate: last?.isEstimate ?? groundIsEstimate,
      };
    }
    return ribbons;
  },
};
