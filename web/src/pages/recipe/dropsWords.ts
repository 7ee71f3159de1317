import type { Drops } from '@yellow-ledger/core';
import type { RecipeWords } from './recipeWords';

/** @example '6 Marigold Clay + 2 Fen Umber + 8 water' */
export function dropsWords({ pots, water, medium }: Drops, words: RecipeWords): string {
  return [
    ...pots.map(({ potId, drops }) => `${drops} ${words.potName(potId)}`),
    ...(water > 0 ? [`${water} water`] : []),
    ...(medium > 0 ? [`${medium} medium`] : []),
  ].join(' + ');
}
