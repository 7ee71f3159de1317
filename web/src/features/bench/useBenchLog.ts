import type { Bench, LogEntry } from '@yellow-ledger/core';
import { useEffect, useMemo } from 'react';
import { lookForEntries } from '../../data/serverCache';
import { entriesOfBenches } from '../../data/log/logIndex';
import { useAppSelector, useAppStore } from '../../data/store';
import { useCollection, useRecords } from '../../data/useCollections';

/** How often is looked what another device at the same bench has written, ms. */
const lookEveryMs = 4000;
const nothing: LogEntry[] = [];

/**
 * The log of one bench, kept up with whoever else writes into it. What was done elsewhere to the
 * same army is on its figures too; mixes of other benches are on another palette.
 */
export function useBenchLog({ id: benchId, armyId }: Pick<Bench, 'id' | 'armyId'>) {
  const store = useAppStore();
  const all = useCollection('log');
  const { kept: benches } = useRecords('benches');
  const { entries: pending, trouble, isUnkept } = useAppSelector((state) => state.writing);
  useEffect(() => {
    const look = () => {
      if (document.visibilityState === 'visible') void lookForEntries(store);
    };
    const timer = setInterval(look, lookEveryMs);
    document.addEventListener('visibilitychange', look);
    return () => {
      clearInterval(timer);
      document.removeEventListener('visibilitychange', look);
    };
  }, [store]);
  const entries = useMemo(() => {
    const ofArmy = benches?.filter(({ content }) => armyId && content.armyId === armyId) ?? [];
    const here = new Set([benchId, ...ofArmy.map(({ content }) => content.id)]);
    // Entries of the army noted away from any bench stand under its own identifier.
    if (armyId) here.add(armyId);
    return all ? entriesOfBenches(all, here).filter(isHere) : nothing;

    function isHere(entry: LogEntry) {
      return entry.kind !== 'mixed' || entry.benchId === benchId;
    }
  }, [all, benches, benchId, armyId]);
  return useMemo(
    () => ({
      entries,
      isFetched: all !== undefined,
      unsent: pending.filter(({ refused }) => refused === undefined).length,
      isOffline: trouble !== null,
      isUnkept,
      refused: pending.filter(({ refused }) => refused !== undefined),
    }),
    [entries, all, pending, trouble, isUnkept],
  );
}
