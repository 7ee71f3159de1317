import type { Army, Bench, Pot } from '@yellow-ledger/core';
import type { BenchView } from './benchWork';
import type { BenchWords } from './benchWords';
import type { BenchHand } from './useBench';

/** What stands on the table, and what it is painted with. */
export interface OnTable {
  bench: Bench;
  army: Army;
  pots: Pot[];
}

/** What is open under the step. */
export type BenchPanel = 'differently' | 'wrong' | 'sheet' | null;

/** What every part of a bench is given. */
export interface BenchPartProps extends OnTable {
  hand: BenchHand;
  words: BenchWords;
  /** as it was seen last, and when */
  view: BenchView & { seenAt: number };
}
