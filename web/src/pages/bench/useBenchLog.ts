import type { Bench, LogEntry } from '@yellow-ledger/core';
import { useEffect, useMemo } from 'react';
import { fetchNewer, openLog } from '../../store/log/sendLog';
import { useAppDispatch, useAppSelector } from '../../store/store';

/** How often is looked what another device at the same bench has written, ms. */
const lookEveryMs = 4000;
const nothing: LogEntry[] = [];

/**
 * The log of one bench, kept up with whoever else writes into it. What other benches did to the same
 * army is on its figures too; their mixes are on another palette.
 */
export function useBenchLog({ id: benchId, armyId }: Pick<Bench, 'id' | 'armyId'>) {
  const dispatch = useAppDispatch();
  const log = useAppSelector((state) => state.log);
  useEffect(() => {
    void dispatch(openLog(benchId, armyId));
    const look = () => {
      if (document.visibilityState === 'visible') void dispatch(fetchNewer(benchId, armyId));
    };
    const timer = setInterval(look, lookEveryMs);
    document.addEventListener('visibilitychange', look);
    return () => {
      clearInterval(timer);
      document.removeEventListener('visibilitychange', look);
    };
  }, [dispatch, benchId, armyId]);
  const isOpen = log.benchId === benchId;
  return useMemo(
    () => ({
      entries: isOpen
        ? log.entries.filter((entry) => entry.kind !== 'mixed' || entry.benchId === benchId)
        : nothing,
      isFetched: isOpen && (log.isFetched || log.isOffline),
      unsent: log.unsent,
      isOffline: log.isOffline,
      refused: log.refused,
    }),
    [isOpen, log, benchId],
  );
}
