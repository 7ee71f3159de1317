import type { Version } from '@yellow-ledger/core';
import { useMemo } from 'react';
import { useAppSelector } from './store';
import { selectCollection } from './ledgerData';
import { useCollections } from './useCollections';

const ofVersions = ['versions'] as const;

/** The frozen versions of one recipe, oldest first; undefined while they are being fetched. */
export function useVersions(recipeId: string) {
  const { error, refetch } = useCollections(ofVersions);
  const all = useAppSelector((state) => selectCollection(state, 'versions'));
  const versions = useMemo<Version[] | undefined>(
    () => all?.filter((version) => version.recipeId === recipeId),
    [all, recipeId],
  );
  return { versions, error, refetch };
}
