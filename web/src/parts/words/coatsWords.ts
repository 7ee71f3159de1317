import { counted, type Technique } from '@yellow-ledger/core';

/** @example coatsWords(2, 'pass') // → '2 passes' */
export const coatsWords = (count: number, counts: Technique['counts']): string =>
  counted(count, counts, counts === 'pass' ? 'passes' : 'coats');
