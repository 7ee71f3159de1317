import type { Batch, PlannedMixing, PlannedRun } from '@yellow-ledger/core';
import { jobsOf, mixingWords } from './jobs';
import type { PlanWords } from './planWords';

export interface JobListProps {
  batch: Batch;
  runs: readonly PlannedRun[];
  ahead: readonly PlannedMixing[];
  words: PlanWords;
}

/** The jobs of each painter, in order, and the mixes for them. */
export function JobList({ batch, runs, ahead, words }: JobListProps) {
  const here = batch.painters.filter(({ id }) => runs.some((run) => run.painterId === id));
  return (
    <div className="columns job-lists">
      {here.map(({ id, name }) => (
        <div key={id}>
          <h3 dir="auto">{name}</h3>
          <ol aria-label={`What ${name} does`}>
            {jobsOf(id, runs, ahead).map((job) =>
              'run' in job ? (
                <li key={job.run.from} dir="auto">
                  <b>{words.clock(job.run.starts)}</b> {words.surface(job.run)},{' '}
                  {words.models(job.run)}
                  <small className="below">
                    {mixingWords(job.run)}
                    {words.line(job.run)} · {words.mix(job.run.mix)} ·{' '}
                    {Math.round((job.run.to - job.run.starts) / 60_000)} min, dry at{' '}
                    {words.clock(job.run.driesAt)}
                  </small>
                </li>
              ) : (
                <li key={`mix ${job.mixing.from}`} dir="auto">
                  <b>{words.clock(job.mixing.from)}</b> Mix {words.mix(job.mixing.mix)}
                  <small className="below">while something dries</small>
                </li>
              ),
            )}
          </ol>
        </div>
      ))}
    </div>
  );
}
