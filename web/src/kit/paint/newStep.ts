import { lineFrom, potNamesOf, type Pot, type Recipe, type Step } from '@yellow-ledger/core';

/**
 * A line to begin with: a base coat on an empty page, afterwards one with the pots and the thinner
 * of the line above that goes on from a little higher. Null when no pot is there to paint with.
 */
export function newStep(recipe: Recipe, pots: readonly Pot[]): Step | null {
  if (pots.every(({ retired }) => retired)) return null;
  const step = lineFrom(
    { parts: [] },
    { names: potNamesOf(pots), recipe, above: recipe.steps },
    crypto.randomUUID(),
  );
  return step.mix.parts.length > 0 ? step : null;
}
