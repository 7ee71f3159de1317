import type { Palette } from '@yellow-ledger/core';

/** How a palette is kept, in words. */
export const keepingNames: Record<Palette['keeping'], string> = {
  open: 'on an open dish',
  damp: 'over a damp sheet',
  covered: 'damp and covered',
};
