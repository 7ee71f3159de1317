import type { Kept, Pot } from '@yellow-ledger/core';
import { useMemo } from 'react';
import { usePotsQuery } from '../store/ledgerApi';

const none: Kept<Pot>[] = [];

/** The pots as they are kept, and as the computation takes them. */
export function useShelf() {
  const { data, isLoading, error, refetch } = usePotsQuery();
  const pots = useMemo(() => data?.map(({ content }) => content), [data]);
  return { kept: data ?? none, pots, isLoading, error, refetch };
}
