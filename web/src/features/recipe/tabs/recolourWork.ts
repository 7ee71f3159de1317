import {
  predictBuildUp,
  recolouring,
  shownBuildUp,
  type BuildUp,
  type Recipe,
  type RecolourAsked,
  type Recoloured,
} from '@yellow-ledger/core';
import { shelfInHand } from '../../../workers/shared/ledgerData';

/** A recipe in another colour, and both surfaces. */
export interface RecolouredPair extends Recoloured {
  before: BuildUp;
  after: BuildUp;
}

let looking: ReturnType<typeof recolouring> | null = null;

/** A whole recipe in another colour, a line at a time: whoever asks can show it and stop. */
export const recolourWork = {
  /** @returns how many lines are looked at */
  beginRecolour(recipe: Recipe, asked: RecolourAsked): number {
    looking = recolouring(recipe, asked, shelfInHand());
    return looking.lines;
  },

  lookRecolour(line: number): void {
    looking?.look(line);
  },

  recoloured(recipe: Recipe): RecolouredPair | null {
    const result = looking?.result();
    looking = null;
    if (!result) return null;
    const shelf = shelfInHand();
    const shown = (each: Recipe) => shownBuildUp(predictBuildUp(each, shelf));
    return { ...result, before: shown(recipe), after: shown(result.recipe) };
  },
};
