import type { Pot } from '@yellow-ledger/core';
import { useState } from 'react';
import { ofEverything } from '../../workers/parts';
import { useAnswer } from '../../workers/useAnswer';
import { EntryList } from './EntryList';
import { StruckEntries, type Struck } from './StruckEntries';

interface ModelEntriesProps {
  holder: string;
  unitId: string;
  model: number;
  pots: readonly Pot[];
}

/** Log entries of one model, to be struck out or put right. */
export function ModelEntries({ holder, unitId, model, pots }: ModelEntriesProps) {
  const { answer, problem } = useAnswer(ofEverything, [holder, unitId, model], (worker) =>
    worker.modelEntries(holder, unitId, model),
  );
  const [struck, setStruck] = useState<readonly Struck[]>([]);
  if (problem) return <p role="alert">{problem}</p>;
  if (!answer) return <p>Reading the log …</p>;
  const { entries, names } = answer;
  return (
    <>
      <StruckEntries
        struck={struck}
        names={names}
        pots={pots}
        onPutBack={(each) => setStruck(struck.filter((other) => other !== each))}
      />
      <EntryList
        entries={entries}
        names={names}
        pots={pots}
        isNewestFirst
        onStruck={(each) => setStruck([...struck, each])}
      />
    </>
  );
}
