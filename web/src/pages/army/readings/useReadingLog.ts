import type { LogEntry } from '@yellow-ledger/core';
import { useCallback, useMemo, useState } from 'react';
import { sendUnsent, writeEntries } from '../../../store/log/sendLog';
import { pageClock } from '../../../store/log/steadyClock';
import { useAppDispatch, useAppSelector } from '../../../store/store';

/** Where what is read away from a bench is written. */
export const readingsBench = 'readings';

/** Writing into the log from where no bench is open. */
export function useReadingLog() {
  const dispatch = useAppDispatch();
  const [written, setWritten] = useState(0);
  const { unsent, isOffline } = useAppSelector((state) => state.log);
  const write = useCallback(
    async (make: (head: ReturnType<typeof headAt>) => LogEntry[]) => {
      dispatch(writeEntries(make(headAt())));
      // The answer is made from what the server has: it is asked again once it has this.
      await dispatch(sendUnsent());
      setWritten((count) => count + 1);
    },
    [dispatch],
  );
  return useMemo(
    () => ({ write, written: written + (unsent === 0 ? 0 : 0.5), isOffline }),
    [write, written, unsent, isOffline],
  );
}

export type ReadingLog = ReturnType<typeof useReadingLog>;

let last = 0;

/** Readings follow each other by the clock; nothing else is known here to come after. */
function headAt(index = 0) {
  last = Math.max(last + 1, Math.floor(pageClock.now() / 1000) - orderEpoch);
  return {
    id: crypto.randomUUID(),
    at: new Date(pageClock.now()).toISOString(),
    order: last + index,
    benchId: readingsBench,
  };
}

/** Seconds since 1970 from which the order of readings is counted: it has to stay below 10⁹. */
const orderEpoch = 1_700_000_000;
