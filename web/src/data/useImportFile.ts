import { useEffect, useRef, useState } from 'react';
import { z } from 'zod';
import { ask, asProblem } from './ask';
import { useImportFileMutation, type Imported } from './ledgerApi';

/** The server is asked how far it has come so often, ms. */
const lookEvery = 400;
const underWaySchema = z.object({ share: z.number().min(0).max(1) });

export interface ImportState {
  fileName: string;
  /** 0–1 */
  share: number;
  /** nothing of it is taken in then */
  stop: () => void;
}

/** Takes ledger files in; while it does, how far it has come, and what ends it. */
export function useImportFile() {
  const [importFile] = useImportFileMutation();
  const [taking, setTaking] = useState<ImportState | null>(null);
  const looking = useRef<ReturnType<typeof setInterval>>(undefined);
  useEffect(() => () => clearInterval(looking.current), []);

  /** @returns what was taken in, or why nothing was, in a sentence */
  const take = async (file: File): Promise<{ imported: Imported } | { problem: string }> => {
    const as = crypto.randomUUID();
    const asked = importFile({ file, as });
    let isStopped = false;
    const stop = () => {
      isStopped = true;
      asked.abort();
    };
    setTaking({ fileName: file.name, share: 0, stop });
    looking.current = setInterval(() => {
      void ask(`/api/files/under-way/${as}`).then((answer) => {
        const read = underWaySchema.safeParse('data' in answer ? answer.data : null);
        if (read.success) setTaking((now) => now && { ...now, share: read.data.share });
      });
    }, lookEvery);
    const result = await asked;
    clearInterval(looking.current);
    setTaking(null);
    if (result.data) return { imported: result.data };
    return {
      problem: isStopped
        ? `${file.name} was stopped; nothing was imported.`
        : `${file.name} was not imported. ${asProblem(result.error).message}`,
    };
  };
  return { take, taking };
}
