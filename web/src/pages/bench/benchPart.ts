import type { Army, Bench, Pot } from '@yellow-ledger/core';
import type { BenchView } from '../../workers/work/benchWork';
import type { BenchWords } from './benchWords';
import type { BenchHand } from './useBench';

/** What every part of a bench is given. */
export interface BenchPartProps {
  bench: Bench;
  army: Army;
  pots: Pot[];
  hand: BenchHand;
  words: BenchWords;
  /** as it was seen last, and when */
  view: BenchView & { seenAt: number };
}
