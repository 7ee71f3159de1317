import {
  predictBuildUp,
  ReplaceError,
  replacePot,
  substitutes,
  potOn,
  usesPot,
  worstPlace,
  type BuildUp,
  type Recipe,
  type Substitute,
  type WorstPlace,
} from '@yellow-ledger/core';
import { keptRecipes, shelfInHand } from '../../workers/shared/ledgerData';

/** Pots that stand in for another, in parts. */
type StandIn = Parameters<typeof replacePot>[2];

/** A finished surface, for its ribbon. */
export interface FinishedRibbon {
  stops: readonly number[];
  hexes: string[];
}

/** The effect of a substitute on one recipe, or why it cannot be used there. */
export interface ReplacedRecipe {
  recipeId: string;
  name: string;
  archived: boolean;
  revision: number;
  before: FinishedRibbon;
  effect: { recipe: Recipe; after: FinishedRibbon; worst: WorstPlace } | { problem: string };
}

export const replaceWork = {
  /** Pots and mixes that may stand in for a pot, nearest first. */
  substitutes(potId: string): Substitute[] {
    const shelf = shelfInHand();
    return substitutes(potOn(shelf, potId), shelf, { count: 8 });
  },

  /** Every recipe that draws from a pot, as it is and with the stand-in. */
  replaced(potId: string, standIn: StandIn): ReplacedRecipe[] {
    const shelf = shelfInHand();
    return keptRecipes()
      .filter(({ content }) => usesPot(content, potId))
      .map(({ content, revision }): ReplacedRecipe => {
        const before = predictBuildUp(content, shelf);
        const head = {
          recipeId: content.id,
          name: content.name,
          archived: content.archived,
          revision,
          before: finishedOf(before),
        };
        try {
          const recipe = replacePot(content, potId, standIn);
          const after = predictBuildUp(recipe, shelf);
          return {
            ...head,
            effect: { recipe, after: finishedOf(after), worst: worstPlace(before, after) },
          };
        } catch (error) {
          if (!(error instanceof ReplaceError)) throw error;
          return { ...head, effect: { problem: error.message } };
        }
      });
  },
};

function finishedOf({ stops, steps, ground }: BuildUp): FinishedRibbon {
  return { stops, hexes: (steps.at(-1)?.surface ?? ground).map(({ hex }) => hex) };
}
