import { isolated, mixWords, type Mix, type Pot, type Recipe } from '@yellow-ledger/core';
import type { Prediction } from '../../workers/shared/predictWork';
import { potHexesOf, unknownHex } from './potHexes';

/** How the page speaks of a recipe's pots and lines. */
export interface RecipeWords {
  potName: (potId: string) => string;
  /** what the first line goes onto */
  groundName: string;
  potHex: (potId: string) => string;
  /** from 1; 0 for a line that is not there */
  lineNumber: (stepId: string) => number;
  stepHex: (stepId: string) => string;
  mix: (mix: Mix) => string;
}

export function recipeWordsOf(
  recipe: Recipe,
  pots: readonly Pot[],
  prediction: Prediction | null,
): RecipeWords {
  const potName = potNamesOf(pots);
  const lineNumber = (stepId: string) => recipe.steps.findIndex(({ id }) => id === stepId) + 1;
  return {
    potName,
    groundName: prediction?.groundName ?? potName(recipe.groundPotId),
    lineNumber,
    potHex: potHexesOf(pots),
    stepHex: (stepId) =>
      prediction?.buildUp.steps.find((step) => step.stepId === stepId)?.mix.colour.hex ??
      unknownHex,
    mix: (mix) => mixWords(mix, potName, lineNumber),
  };
}

/** Names of pots by id, to stand in a sentence. */
export function potNamesOf(pots: readonly Pot[]): (potId: string) => string {
  const names = new Map(pots.map(({ id, name }) => [id, isolated(name)]));
  return (potId) => names.get(potId) ?? 'a pot that is gone';
}
