import type { Batch, PlannedRun } from '@yellow-ledger/core';
import type { PlanWords } from './planWords';

export interface JobListProps {
  batch: Batch;
  runs: readonly PlannedRun[];
  words: PlanWords;
}

/** What each painter does, in order. */
export function JobList({ batch, runs, words }: JobListProps) {
  const here = batch.painters.filter(({ id }) => runs.some((run) => run.painterId === id));
  return (
    <div className="job-lists">
      {here.map(({ id, name }) => (
        <div key={id}>
          <h3 dir="auto">{name}</h3>
          <ol aria-label={`What ${name} does`}>
            {runs
              .filter((run) => run.painterId === id)
              .map((run) => (
                <li key={run.from} dir="auto">
                  <b>{words.clock(run.starts)}</b> {words.surface(run)}, {words.models(run)}
                  <small>
                    {words.line(run)} · {words.mix(run.mix)} ·{' '}
                    {Math.round((run.to - run.starts) / 60_000)} min, dry at{' '}
                    {words.clock(run.driesAt)}
                  </small>
                </li>
              ))}
          </ol>
        </div>
      ))}
    </div>
  );
}
