import { headingsOf, type Batch, type PlannedRun } from '@yellow-ledger/core';
import type { PlanWords } from './planWords';

export interface TimetableProps {
  span: { from: number; to: number };
  batch: Batch;
  runs: readonly PlannedRun[];
  /** what a paint looks like, by its place in the plan */
  hexOf: (mix: number) => string;
  words: PlanWords;
}

/** The timetable on an axis of time; below each stretch its drying. */
export function Timetable({ span, batch, runs, hexOf, words }: TimetableProps) {
  const minutes = (span.to - span.from) / 60_000;
  const at = (moment: number) => ((moment - span.from) / (span.to - span.from)) * 100;
  const until = (moment: number) => Math.min(100, at(moment));
  const tick = minutes > 300 ? 60 : minutes > 100 ? 30 : 10;
  const ticks = Array.from({ length: Math.floor(minutes / tick) + 1 }, (_, i) => i * tick);
  const here = batch.painters.filter(({ id }) => runs.some((run) => run.painterId === id));
  return (
    <div className="timetable" role="img" aria-label="Timetable; the list below says the same">
      <div className="time-axis">
        {ticks.map((minute) => (
          <span key={minute} style={{ insetInlineStart: `${(minute / minutes) * 100}%` }}>
            {words.clock(span.from + minute * 60_000)}
          </span>
        ))}
      </div>
      {here.map(({ id, name }) => (
        <div className="time-lane" key={id}>
          <b dir="auto">{name}</b>
          <div className="time-track">
            {runs
              .filter((run) => run.painterId === id)
              .map((run, index) => (
                <span key={`${run.from}`} className="time-run">
                  <span
                    className="time-mixing"
                    style={{ left: `${at(run.from)}%`, width: `${at(run.starts) - at(run.from)}%` }}
                  />
                  <span
                    className="time-paint"
                    style={{
                      left: `${at(run.starts)}%`,
                      width: `${until(run.to) - at(run.starts)}%`,
                      background: hexOf(run.mix),
                    }}
                  />
                  <span
                    className="time-drying"
                    style={{
                      left: `${until(run.to)}%`,
                      width: `${until(run.driesAt) - until(run.to)}%`,
                      top: `${3.35 + (index % 3) * 0.3}rem`,
                    }}
                  />
                </span>
              ))}
            {headingsOf(runs)
              .filter(({ painterId }) => painterId === id)
              .map(({ number, runs: [first, ...more] }) => {
                const left = at(first.starts);
                const width = until((more.at(-1) ?? first).to) - left;
                return (
                  <span
                    key={number}
                    className="time-number"
                    style={{ left: `${left}%`, width: `${width}%` }}
                  >
                    {width > 1.4 && number}
                  </span>
                );
              })}
          </div>
        </div>
      ))}
      <p className="time-key">
        <span className="time-key-paint" /> painting <span className="time-key-mixing" /> mixing and
        changing paint <span className="time-key-drying" /> the last model dries
      </p>
    </div>
  );
}
