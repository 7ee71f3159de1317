import { doneAfterAll, techniqueOf, type LineTime, type PutOff } from '@yellow-ledger/core';
import { format } from 'date-fns';
import { Link } from 'react-router';
import { entryHead } from '../../data/log/entryHead';
import { useAppStore } from '../../data/store';
import { useWriter } from '../../data/useWriter';
import { FigureTable } from '../../kit/FigureTable';
import { LaterRows } from '../../kit/log/LaterRows';
import { timeWords } from '../../kit/log/timeWords';
import { ofEverything } from '../../workers/parts';
import { useAnswer } from '../../workers/useAnswer';
import type { LogNamesKnown } from './logWork';

interface ModelStoryProps {
  holder: string;
  unitId: string;
  model: number;
}

/** How each line went on this model, beside the last time it was painted before. */
export function ModelStory({ holder, unitId, model }: ModelStoryProps) {
  const { answer, problem } = useAnswer(ofEverything, [holder, unitId, model], (worker) =>
    worker.modelStory(holder, unitId, model),
  );
  const writer = useWriter();
  const store = useAppStore();
  if (problem) return <p role="alert">{problem}</p>;
  if (!answer || answer.lines.length + answer.later.length === 0) return null;
  const { lines, later, names } = answer;
  const surfaceName = (surfaceId: string) =>
    names.surfaces[`${holder} ${unitId} ${surfaceId}`] ?? 'a surface that is gone';
  const done = (each: PutOff) =>
    writer.do(`${each.what} done`, {
      entries: [doneAfterAll({ ...each, models: [model] }, entryHead(store.getState()))],
    });
  return (
    <section className="surface-record" aria-label="How it went">
      <h2>How it went, and the last time</h2>
      {later.length > 0 && (
        <>
          <h3>Left for later</h3>
          <LaterRows
            later={later}
            where={({ surfaceId, line }) => `${surfaceName(surfaceId)}, line ${line}`}
            onDone={done}
          />
        </>
      )}
      {lines.length > 0 && (
        <FigureTable
          label="How each line went"
          heads={['Line', 'On this model', 'The last time before']}
          rows={lines.map(({ surfaceId, line, here, before }) => [
            <span key="line" dir="auto">
              {surfaceName(surfaceId)}, {line} {techniqueOf(here.technique).label}
            </span>,
            <span key="here" dir="auto">
              {timeWords(here)}
            </span>,
            before ? <Before key="before" time={before} names={names} /> : 'It was the first.',
          ])}
        />
      )}
    </section>
  );
}

function Before({ time, names }: { time: LineTime; names: LogNamesKnown }) {
  const { holderId, unitId, model } = time.on;
  const unit = names.units[`${holderId} ${unitId}`];
  const when = format(new Date(time.to), 'd MMM');
  return (
    <span dir="auto">
      {unit ? (
        <Link to={`/log/models/${holderId}/${unitId}/${model}`}>
          {unit} {model}
        </Link>
      ) : (
        'A unit that is gone'
      )}
      , {when}: {timeWords(time)}
    </span>
  );
}
