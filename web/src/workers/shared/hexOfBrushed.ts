import { masstoneOf, mixedPaint, surfaceColour, type Brushed } from '@yellow-ledger/core';
import { shelfInHand } from './ledgerData';

/** The colour of a mix thick and dry; neutral grey where none of its pots is on the shelf. */
export function hexOfBrushed({ pots }: Brushed): string {
  const shelf = shelfInHand();
  const known = pots.filter(({ potId }) => shelf.has(potId));
  if (known.length === 0) return '#777777';
  return surfaceColour(masstoneOf(mixedPaint(known, shelf))).hex;
}
