import { asLeft, type Kept, type Pot } from '@yellow-ledger/core';
import { useMemo } from 'react';
import { useRecords } from '../data/useCollections';

const none: readonly Kept<Pot>[] = [];

/** The pots as they are kept, and as the computation takes them: with what is left in them. */
export function useShelf() {
  const { kept, isLoading, error, refetch } = useRecords('pots');
  const pots = useMemo(() => kept?.map(asLeft), [kept]);
  return { kept: kept ?? none, pots, isLoading, error, refetch };
}
