import type { Pot } from '@yellow-ledger/core';
import type { Begun } from './begun';

/** The props of each way of filling the shelf. */
export interface WayProps {
  shelf: readonly Pot[];
  /** puts pots into the table that is looked through, in place of those there */
  onBegun: (begun: Begun[]) => void;
}
