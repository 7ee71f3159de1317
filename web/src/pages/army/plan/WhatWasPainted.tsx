import type { Batch, PlannedRun } from '@yellow-ledger/core';
import { useState } from 'react';
import { noted } from './noted';
import type { PlanWords } from './planWords';

export interface WhatWasPaintedProps {
  batch: Batch;
  session: Batch['sessions'][number];
  runs: readonly PlannedRun[];
  words: PlanWords;
  onDone: (batch: Batch) => void;
}

/** After the session: how far it came. What was not painted is planned into the ones that follow. */
export function WhatWasPainted({ batch, session, runs, words, onDone }: WhatWasPaintedProps) {
  const [painted, setPainted] = useState<Record<number, number>>({});
  const paintedOf = (index: number) => painted[index] ?? runs[index].models.length;
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
                value={paintedOf(index)}
                onChange={(event) => {
                  const typed = Math.floor(Number(event.target.value)) || 0;
                  const count = Math.max(0, Math.min(run.models.length, typed));
                  setPainted((before) => ({ ...before, [index]: count }));
                }}
              />{' '}
              of {run.models.length}
            </label>
          </li>
        ))}
      </ol>
      <div className="pot-actions">
        <button
          type="button"
          className="next-button"
          onClick={() =>
            onDone(
              noted(
                batch,
                session.id,
                runs.map((run, index) => ({ run, count: paintedOf(index) })),
              ),
            )
          }
        >
          Note it and plan on
        </button>
        <button
          type="button"
          className="plain-button"
          onClick={() => setPainted(Object.fromEntries(runs.map((_, index) => [index, 0])))}
        >
          Nothing was painted
        </button>
      </div>
    </details>
  );
}
