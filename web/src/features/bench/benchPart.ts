import type { Army, Bench, Pot } from '@yellow-ledger/core';
import type { BenchView } from './benchWork';
import type { BenchWords } from './benchWords';
import type { BenchHand } from './useBench';

/** The models on the table, and their recipes. */
export interface OnTable {
  bench: Bench;
  army: Army;
  pots: Pot[];
}

/** The section open under the step. */
export type BenchPanel = 'drops' | 'differently' | 'wrong' | 'later' | 'sheet' | null;

/** The props of every part of a bench. */
export interface BenchPartProps extends OnTable {
  hand: BenchHand;
  words: BenchWords;
  /** as it was seen last, and when */
  view: BenchView & { seenAt: number };
}
