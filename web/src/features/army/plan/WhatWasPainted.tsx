import type { Army, Batch, PlannedRun } from '@yellow-ledger/core';
import Button from 'react-bootstrap/Button';
import { useState } from 'react';
import { entryHead } from '../../../data/log/entryHead';
import { useAppStore } from '../../../data/store';
import { useWriter } from '../../../data/useWriter';
import { CountField } from '../../../kit/field/CountField';
import { ActionBar } from '../../../kit/ActionBar';
import { Disclosure } from '../../../kit/Disclosure';
import { CheckboxGroup } from '../../../kit/CheckboxGroup';
import { ofWhatIsPainted } from '../../../workers/parts';
import { useWorker } from '../../../workers/useWorker';
import { coatsNoted, withSessionOver } from './noted';
import type { PlanWords } from './planWords';

export interface WhatWasPaintedProps {
  army: Army;
  batch: Batch;
  session: Batch['sessions'][number];
  runs: readonly PlannedRun[];
  words: PlanWords;
}

/** After the session: how far it came. What was not painted is planned into the ones that follow. */
export function WhatWasPainted({ army, batch, session, runs, words }: WhatWasPaintedProps) {
  const writer = useWriter();
  const store = useAppStore();
  const worker = useWorker(ofWhatIsPainted);
  const [painted, setPainted] = useState<Record<number, readonly number[]>>({});
  const modelsOf = (index: number) => painted[index] ?? runs[index].models;
  const put = (index: number, models: readonly number[]) =>
    setPainted((before) => ({ ...before, [index]: models }));
  const note = async () => {
    const coats = coatsNoted(runs.map((run, index) => ({ run, models: modelsOf(index) })));
    const entries = await worker().notedCoats(army, batch, coats, entryHead(store.getState()));
    const before = writer.shown('armies', army.id) as Army | null;
    if (!before) return;
    const plans = before.plans?.map((each) =>
      each.id === batch.id ? withSessionOver(each, session.id) : each,
    );
    const after = { ...before, ...(plans && { plans }) };
    writer.do('note what was painted', { records: [{ name: 'armies', before, after }], entries });
  };
  return (
    <Disclosure className="no-print" title="It went otherwise, or as planned: note it and plan on">
      <ol>
        {runs.map((run, index) => (
          <li key={`${run.painterId} ${run.from}`}>
            <CountField
              label={`${words.surface(run)}, ${words.line(run)}: painted`}
              after={`of ${run.models.length}`}
              value={modelsOf(index).length}
              most={run.models.length}
              // In the order they were to be painted in.
              onCount={(count) => put(index, run.models.slice(0, count))}
            />
            {run.models.length > 1 && (
              <WhichModels
                run={run}
                painted={modelsOf(index)}
                words={words}
                onPainted={(models) => put(index, models)}
              />
            )}
          </li>
        ))}
      </ol>
      <ActionBar>
        <Button variant="next" onClick={() => void note()}>
          Note it and plan on
        </Button>
        <Button
          variant="plain"
          onClick={() => setPainted(Object.fromEntries(runs.map((_, index) => [index, []])))}
        >
          Nothing was painted
        </Button>
      </ActionBar>
    </Disclosure>
  );
}

/** Which models of a run were painted, where it was not the first ones. */
function WhichModels({
  run,
  painted,
  words,
  onPainted,
}: {
  run: PlannedRun;
  painted: readonly number[];
  words: PlanWords;
  onPainted: (models: readonly number[]) => void;
}) {
  const [isOpen, setIsOpen] = useState(false);
  return (
    <>
      {' '}
      <Button variant="plain" aria-expanded={isOpen} onClick={() => setIsOpen(!isOpen)}>
        {painted.length === 0 ? 'no model' : words.models({ models: [...painted] })}
      </Button>
      {isOpen && (
        <CheckboxGroup
          legend="Which models were painted"
          options={run.models.map((value) => ({ value, name: String(value) }))}
          ticked={painted}
          onTicked={onPainted}
        />
      )}
    </>
  );
}
