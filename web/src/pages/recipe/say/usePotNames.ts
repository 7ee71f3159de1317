import { PotNames, type Pot } from '@yellow-ledger/core';
import { useMemo } from 'react';

/** The pots by their names, read once for a shelf. */
export const usePotNames = (pots: readonly Pot[]): PotNames =>
  useMemo(() => new PotNames(pots), [pots]);
