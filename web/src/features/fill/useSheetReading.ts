import * as Comlink from 'comlink';
import { useEffect, useRef, useState } from 'react';

/** The reading of one kind of sheet, in the worker. */
export interface SheetReader<Read> {
  start: (
    file: Blob,
    called: string,
    onDone: (done: number) => void,
  ) => Promise<Read[] | { problem: string } | null>;
  stop: () => Promise<void>;
}

/** The reading of a photographed sheet: how far it has come, and what came out. */
export function useSheetReading<Read>(
  { start, stop: stopReading }: SheetReader<Read>,
  onRead: (read: Read[]) => void,
) {
  /** fields or rows read so far; null while none is being read */
  const [done, setDone] = useState<number | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const stopLast = useRef(stopReading);
  useEffect(() => () => void stopLast.current(), []);
  const running = useRef(0);
  const end = () => {
    running.current++;
    setDone(null);
  };
  const read = async (file: Blob, called: string) => {
    const run = ++running.current;
    // Progress comes by a port of its own, and the last of it may come after the answer.
    const told = (share: number) => run === running.current && setDone(share);
    setProblem(null);
    setDone(0);
    try {
      const answer = await start(file, called, Comlink.proxy(told));
      if (answer === null) return;
      if ('problem' in answer) setProblem(answer.problem);
      else onRead(answer);
    } catch (error) {
      setProblem(error instanceof Error ? error.message : String(error));
    } finally {
      if (run === running.current) end();
    }
  };
  const stop = () => {
    end();
    void stopReading();
  };
  return { read, stop, done, problem };
}
