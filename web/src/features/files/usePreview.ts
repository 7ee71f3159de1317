import type { ColumnMapping, Kept, Pot } from '@yellow-ledger/core';
import { useEffect, useRef, useState } from 'react';
import { ofShelf } from '../../workers/parts';
import { useWorker } from '../../workers/useWorker';
import type { TableOutcome } from './tableWork';

export interface PreviewProgress {
  /** rows looked at */
  done: number;
  preview: TableOutcome | null;
  problem: string | null;
}

/** Rows looked at before it is shown how far it is. */
const stretch = 2500;

/** The effect of a table on the shelf, computed in the worker; mounted again for other columns. */
export function usePreview(
  rowCount: number,
  mapping: ColumnMapping,
  kept: readonly Kept<Pot>[],
): PreviewProgress & { stop: () => void } {
  const [progress, setProgress] = useState<PreviewProgress>(nothingYet);
  const worker = useWorker(ofShelf);
  const controller = useRef<AbortController>(null);
  useEffect(() => {
    const running = new AbortController();
    controller.current = running;
    const look = async () => {
      const ledgerWorker = worker();
      await ledgerWorker.beginPreview(mapping);
      for (let from = 0; from < rowCount; from += stretch) {
        // A run that was given up must not look through the rows of the next one.
        if (running.signal.aborted) return;
        await ledgerWorker.previewRows(from, from + stretch);
        if (running.signal.aborted) return;
        setProgress({ ...nothingYet, done: Math.min(rowCount, from + stretch) });
      }
      if (running.signal.aborted) return;
      const preview = await ledgerWorker.previewed();
      if (!running.signal.aborted) setProgress({ done: rowCount, preview, problem: null });
    };
    look().catch((error: unknown) => {
      if (!running.signal.aborted)
        setProgress({
          ...nothingYet,
          problem: error instanceof Error ? error.message : String(error),
        });
    });
    return () => running.abort();
    // Looked at anew when the shelf has changed meanwhile.
  }, [rowCount, mapping, kept, worker]);
  return { ...progress, stop: () => controller.current?.abort() };
}

const nothingYet: PreviewProgress = { done: 0, preview: null, problem: null };
