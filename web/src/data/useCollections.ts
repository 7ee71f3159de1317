import type { ContentOf, Kept, ResourceName } from '@yellow-ledger/core';
import { useEffect, useMemo } from 'react';
import { asProblem, type Problem } from './ask';
import { shallowEqual } from 'react-redux';
import {
  holdCollection,
  selectCollection,
  selectProblem,
  type LedgerData,
  type Collection,
} from './ledgerData';
import { useAppDispatch, useAppSelector } from './store';

/** Has parts of the ledger in hand, fetching what is not. @param parts always the same ones */
export function useCollections(parts: readonly Collection[]): {
  /** whether all of them are there */
  isReady: boolean;
  /** why one of them is not */
  error: Problem | undefined;
  refetch: () => void;
} {
  const dispatch = useAppDispatch();
  const key = parts.join();
  useEffect(() => {
    const wanted = key.split(',').filter(Boolean) as Collection[];
    const held = wanted.map((part) => holdCollection(dispatch, part));
    return () => held.forEach((letGo) => letGo());
  }, [dispatch, key]);
  const there = useAppSelector(
    (state) => parts.map((part) => selectCollection(state, part) !== undefined),
    shallowEqual,
  );
  const fault = useAppSelector((state) => {
    const missing = parts.find((part) => selectCollection(state, part) === undefined);
    return missing && selectProblem(state, missing);
  });
  const error = useMemo(() => (fault === undefined ? undefined : asProblem(fault)), [fault]);
  return {
    isReady: there.every(Boolean),
    error,
    refetch: () => parts.forEach((part) => holdCollection(dispatch, part)()),
  };
}

/** One part of the ledger, as it shows now; undefined while it is being fetched. */
export function useCollection<Name extends Collection>(part: Name): LedgerData[Name] | undefined {
  useCollections([part]);
  return useAppSelector((state) => selectCollection(state, part));
}

/** The records of a kind, as they show now. */
export function useRecords<Name extends ResourceName>(name: Name) {
  const { error, refetch } = useCollections([name]);
  const kept = useAppSelector((state) => selectCollection(state, name)) as
    readonly Kept<ContentOf<Name>>[] | undefined;
  return { kept, error, refetch, isLoading: kept === undefined && error === undefined };
}

/** One record, as it shows now; null where there is none, undefined while they are being fetched. */
export function useRecord<Name extends ResourceName>(
  name: Name,
  id: string,
): Kept<ContentOf<Name>> | null | undefined {
  const { kept } = useRecords(name);
  return useMemo(() => kept && (kept.find(({ content }) => content.id === id) ?? null), [kept, id]);
}
