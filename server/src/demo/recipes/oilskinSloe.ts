import type { Recipe } from '@yellow-ledger/core';
import { oilskinFromShadow } from './oilskinFromShadow';

/** The mixes found for each line when the yellow was put into violet. */
const found: Readonly<Record<number, Record<string, number>>> = {
  1: { coot: 2, sloe: 1 },
  2: { coot: 2, sloe: 3 },
  3: { duskwater: 1, sloe: 3 },
  4: { kingfisherwing: 1, sloe: 3, heathersmoke: 1 },
  5: { frostpool: 1, sloe: 2 },
  6: { gullwhite: 2, sloe: 3 },
  7: { gullwhite: 3, sloe: 2 },
  8: { tallow: 2, gullwhite: 1, sloe: 1 },
};

/** The oilskin dyed with sloes: the same lights, in violet. */
export const oilskinSloe: Recipe = {
  ...oilskinFromShadow,
  id: 'oilskin-sloe',
  name: 'Oilskin dyed with sloes',
  notes: 'The yellow recoloured: every light stands as far from the mid as before.',
  steps: oilskinFromShadow.steps.map((step, index) => ({
    ...step,
    mix: {
      ...step.mix,
      parts: Object.entries(found[index + 1]).map(([potId, parts]) => ({
        from: 'pot' as const,
        potId,
        parts,
      })),
    },
  })),
};
