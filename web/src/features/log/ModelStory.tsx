import {
  doneAfterAll,
  photographAfter,
  photographsOfLines,
  techniqueOf,
  type LineTime,
  type Photograph,
  type PutOff,
} from '@yellow-ledger/core';
import { format } from 'date-fns';
import { Link } from 'react-router';
import { entryHead } from '../../data/log/entryHead';
import { useAppStore } from '../../data/store';
import { useCollection } from '../../data/useCollections';
import { useWriter } from '../../data/useWriter';
import { FigureTable } from '../../kit/FigureTable';
import { LaterRows } from '../../kit/log/LaterRows';
import { timeWords } from '../../kit/log/timeWords';
import { PhotographPicture } from '../../kit/photographs/PhotographPicture';
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
  const photographs = useCollection('photographs')?.map(({ content }) => content) ?? [];
  if (problem) return <p role="alert">{problem}</p>;
  if (!answer || answer.lines.length + answer.later.length === 0) return null;
  const { lines, later, names } = answer;
  const surfaceName = (surfaceId: string) =>
    names.surfaces[`${holder} ${unitId} ${surfaceId}`] ?? 'a surface that is gone';
  const taken = photographsOfLines(
    lines.map(({ here }) => here),
    photographs,
  );
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
          rows={lines.map(({ surfaceId, line, here, before }, index) => [
            <span key="line" dir="auto">
              {surfaceName(surfaceId)}, {line} {techniqueOf(here.technique).label}
            </span>,
            <span key="here" dir="auto">
              {timeWords(here)}
              <Pictures photographs={taken.get(index) ?? []} />
            </span>,
            before ? (
              <Before key="before" time={before} names={names} photographs={photographs} />
            ) : (
              'It was the first.'
            ),
          ])}
        />
      )}
    </section>
  );
}

function Pictures({ photographs }: { photographs: readonly Photograph[] }) {
  if (photographs.length === 0) return null;
  return (
    <span className="story-pictures">
      {photographs.map((photograph) => (
        <PhotographPicture key={photograph.id} photograph={photograph} />
      ))}
    </span>
  );
}

interface BeforeProps {
  time: LineTime;
  names: LogNamesKnown;
  photographs: readonly Photograph[];
}

function Before({ time, names, photographs }: BeforeProps) {
  const { holderId, unitId, model } = time.on;
  const unit = names.units[`${holderId} ${unitId}`];
  const picture = photographAfter(time, photographs);
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
      <Pictures photographs={picture ? [picture] : []} />
    </span>
  );
}
