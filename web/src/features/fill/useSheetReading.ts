import type { FieldReading } from '@yellow-ledger/core';
import * as Comlink from 'comlink';
import { useEffect, useState } from 'react';
import { pictureWorker } from '../../workers/pictureWorker';

/** The reading of a photographed sheet: how far it has come, and what came out. */
export function useSheetReading(onRead: (fields: FieldReading[]) => void) {
  /** fields read so far; null while none is being read */
  const [done, setDone] = useState<number | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  useEffect(() => () => void pictureWorker().stopReadingSheet(), []);
  const read = async (file: Blob, called: string) => {
    setProblem(null);
    setDone(0);
    try {
      const answer = await pictureWorker().readSheet(file, called, Comlink.proxy(setDone));
      if (answer === null) return;
      if ('problem' in answer) setProblem(answer.problem);
      else onRead(answer);
    } catch (error) {
      setProblem(error instanceof Error ? error.message : String(error));
    } finally {
      setDone(null);
    }
  };
  const stop = () => {
    setDone(null);
    void pictureWorker().stopReadingSheet();
  };
  return { read, stop, done, problem };
}
