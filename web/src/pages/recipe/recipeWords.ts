import { mixWords, type Mix, type Pot, type Recipe } from '@yellow-ledger/core';
import type { Prediction } from '../../workers/ledger.worker';

/** How the page speaks of a recipe's pots and lines. */
export interface RecipeWords {
  potName: (potId: string) => string;
  potHex: (potId: string) => string;
  /** from 1; 0 for a line that is not there */
  lineNumber: (stepId: string) => number;
  stepHex: (stepId: string) => string;
  mix: (mix: Mix) => string;
}

const unknownHex = '#777777';

export function recipeWordsOf(
  recipe: Recipe,
  pots: readonly Pot[],
  prediction: Prediction | null,
): RecipeWords {
  const byId = new Map(pots.map((pot) => [pot.id, pot]));
  const potName = (potId: string) => byId.get(potId)?.name ?? 'a pot that is gone';
  const lineNumber = (stepId: string) => recipe.steps.findIndex(({ id }) => id === stepId) + 1;
  return {
    potName,
    lineNumber,
    potHex: (potId) => byId.get(potId)?.swatch ?? unknownHex,
    stepHex: (stepId) =>
      prediction?.buildUp.steps.find((step) => step.stepId === stepId)?.mix.colour.hex ??
      unknownHex,
    mix: (mix) => mixWords(mix, potName, lineNumber),
  };
}
