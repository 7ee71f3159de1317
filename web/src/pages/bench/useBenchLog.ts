import type { LogEntry } from '@yellow-ledger/core';
import { useEffect, useMemo } from 'react';
import { fetchNewer, openLog } from '../../store/log/sendLog';
import { useAppDispatch, useAppSelector } from '../../store/store';

/** How often is looked what another device at the same bench has written, ms. */
const lookEveryMs = 4000;
const nothing: LogEntry[] = [];

/** The log of one bench, kept up with whoever else writes into it. */
export function useBenchLog(benchId: string) {
  const dispatch = useAppDispatch();
  const log = useAppSelector((state) => state.log);
  useEffect(() => {
    void dispatch(openLog(benchId));
    const look = () => {
      if (document.visibilityState === 'visible') void dispatch(fetchNewer(benchId));
    };
    const timer = setInterval(look, lookEveryMs);
    document.addEventListener('visibilitychange', look);
    return () => {
      clearInterval(timer);
      document.removeEventListener('visibilitychange', look);
    };
  }, [dispatch, benchId]);
  const isOpen = log.benchId === benchId;
  return useMemo(
    () => ({
      entries: isOpen ? log.entries : nothing,
      isFetched: isOpen && (log.isFetched || log.isOffline),
      unsent: log.unsent,
      isOffline: log.isOffline,
      refused: log.refused,
    }),
    [isOpen, log],
  );
}
