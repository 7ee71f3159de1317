import type { LogEntry } from '@yellow-ledger/core';
import { useMemo } from 'react';
import { entryHead } from '../../../data/log/entryHead';
import { useAppStore } from '../../../data/store';
import { useWriter } from '../../../data/useWriter';

/** The fields every entry written here begins with. */
export type ReadingHead = ReturnType<typeof entryHead> & { benchId: string };

/** Writing into the log of an army from where no bench is open, as one thing to undo. */
export function useReadingLog(armyId: string) {
  const writer = useWriter();
  const store = useAppStore();
  return useMemo(
    () => ({
      write(label: string, make: ((head: ReadingHead) => LogEntry)[]) {
        const entries: LogEntry[] = [];
        for (const one of make)
          entries.push(one({ ...entryHead(store.getState(), entries), benchId: armyId }));
        writer.do(label, { entries });
      },
    }),
    [writer, store, armyId],
  );
}

export type ReadingLog = ReturnType<typeof useReadingLog>;
