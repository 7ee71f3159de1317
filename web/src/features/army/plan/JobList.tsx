import {
  headingsOf,
  rowsOf,
  type Batch,
  type PlannedHeading,
  type PlannedRun,
} from '@yellow-ledger/core';
import { modelsWords } from '../../../kit/words/modelsWords';
import { minutesInWords } from '../../../kit/words/minutesInWords';
import { mixingWords } from './jobs';
import type { PlanWords } from './planWords';

export interface JobListProps {
  batch: Batch;
  /** of one session */
  runs: readonly PlannedRun[];
  /** the day and the hours, for each painter's page */
  when: string;
  words: PlanWords;
}

/** The jobs of each painter: a surface of a unit each, with its lines below it. On paper a page each. */
export function JobList({ batch, runs, when, words }: JobListProps) {
  const headings = headingsOf(runs);
  const here = batch.painters.filter(({ id }) => runs.some((run) => run.painterId === id));
  return (
    <div className="columns job-lists">
      {here.map(({ id, name }) => (
        <div key={id} className="job-page">
          <h3 dir="auto">
            {name}
            <span className="on-paper"> · {when}</span>
          </h3>
          <ol aria-label={`What ${name} does`}>
            {headings
              .filter(({ painterId }) => painterId === id)
              .map((heading) => (
                <Job key={heading.number} heading={heading} words={words} />
              ))}
          </ol>
        </div>
      ))}
    </div>
  );
}

/** In whatever order they dry, they stand in a row. */
const modelsOf = ({ models }: PlannedRun) =>
  `${models.length === 1 ? 'model' : 'models'} ${modelsWords(models)}`;

function Job({ heading, words }: { heading: PlannedHeading; words: PlanWords }) {
  const { runs } = heading;
  const [first] = runs;
  const last = runs[runs.length - 1];
  const isOneSurface = runs.every(
    ({ unitId, surfaceId }) => unitId === first.unitId && surfaceId === first.surfaceId,
  );
  return (
    <li dir="ltr">
      <b>
        {words.clock(first.starts)} {isOneSurface ? words.surface(first) : words.mix(first.mix)}
      </b>
      {isOneSurface && `, ${modelsOf(first)}`}
      <small> · {minutesInWords((last.to - first.from) / 60_000)}</small>
      <ul className="job-rows">
        {rowsOf(heading).map((row) => (
          <li key={row[0].from} dir="ltr">
            <span className="job-box" aria-hidden />
            {!isOneSurface && `${words.surface(row[0])}, ${modelsOf(row[0])}: `}
            {words.coats(row)}
            {isOneSurface && ` · ${words.mix(row[0].mix)}`}
            <small>
              {' '}
              · {mixingWords(row[0])}
              {minutesInWords(row.reduce((sum, run) => sum + (run.to - run.starts) / 60_000, 0))},
              dry at {words.clock(row[row.length - 1].driesAt)}
            </small>
          </li>
        ))}
      </ul>
    </li>
  );
}
