import type { Pot } from '@yellow-ledger/core';
import type { Begun } from './begun';

/** What each way of filling the shelf is given. */
export interface WayProps {
  shelf: readonly Pot[];
  /** puts pots into the table that is looked through, in place of those there */
  onBegun: (begun: Begun[]) => void;
}
