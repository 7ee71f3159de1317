import type { Army, Batch, PlannedRun } from '@yellow-ledger/core';
import { useState } from 'react';
import { entryHead } from '../../../ledger/log/entryHead';
import { useAppStore } from '../../../ledger/store';
import { useWriter } from '../../../ledger/useWriter';
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
    <details className="painted no-print">
      <summary>It went otherwise, or as planned: note it and plan on</summary>
      <ol>
        {runs.map((run, index) => (
          <li key={`${run.painterId} ${run.from}`}>
            <label dir="auto">
              {words.surface(run)}, {words.line(run)}: painted{' '}
              <input
                className="form-control form-control-sm"
                type="number"
                min={0}
                max={run.models.length}
                value={modelsOf(index).length}
                onChange={(event) => {
                  const typed = Math.floor(Number(event.target.value)) || 0;
                  // In the order they were to be painted in.
                  put(index, run.models.slice(0, Math.max(0, typed)));
                }}
              />{' '}
              of {run.models.length}
            </label>
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
      <div className="pot-actions">
        <button type="button" className="next-button" onClick={() => void note()}>
          Note it and plan on
        </button>
        <button
          type="button"
          className="plain-button"
          onClick={() => setPainted(Object.fromEntries(runs.map((_, index) => [index, []])))}
        >
          Nothing was painted
        </button>
      </div>
    </details>
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
      <button
        type="button"
        className="plain-button"
        aria-expanded={isOpen}
        onClick={() => setIsOpen(!isOpen)}
      >
        {painted.length === 0 ? 'no model' : words.models({ models: [...painted] })}
      </button>
      {isOpen && (
        <span role="group" aria-label="Which models were painted">
          {run.models.map((model) => (
            <label key={model}>
              {' '}
              <input
                type="checkbox"
                checked={painted.includes(model)}
                onChange={({ target }) =>
                  onPainted(
                    run.models.filter((each) =>
                      each === model ? target.checked : painted.includes(each),
                    ),
                  )
                }
              />{' '}
              {model}
            </label>
          ))}
        </span>
      )}
    </>
  );
}
