import type { SwatchReading } from '@yellow-ledger/core';

/** The reading of a swatch on screen; where nothing is said it shows the dried paint at full strength. */
export const swatchWords = (shows: SwatchReading | undefined): string =>
  shows === 'one coat over white' ? shows : 'dried, full strength';
