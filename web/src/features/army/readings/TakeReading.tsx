import {
  colourOfLab,
  atTone,
  lineOfPlace,
  toneOf,
  toneStops,
  type ReadPlace,
  type Army,
  type Lab,
  type LogEntry,
  type Pot,
} from '@yellow-ledger/core';
import Button from 'react-bootstrap/Button';
import { useState } from 'react';
import { Select } from '../../../kit/Select';
import { LabFields } from '../../../kit/pots/LabFields';
import { Swatch } from '../../../kit/paint/Swatch';
import { ofWhatIsPainted } from '../../../workers/parts';
import { useAnswer } from '../../../workers/useAnswer';
import { useWorker } from '../../../workers/useWorker';
import type { Readings } from './readingWork';
import { PhotoReader } from './PhotoReader';
import type { ReadingHead, ReadingLog } from './useReadingLog';

export interface TakeReadingProps {
  asked: { army: Army; unitId: string; surfaceId: string; pin: string | null };
  army: Army;
  pots: Pot[];
  readings: Readings;
  log: ReadingLog;
}

const ways = [
  { id: 'figures', name: 'numbers from a colour reader' },
  { id: 'photo', name: 'a photo with a grey patch' },
  { id: 'practice', name: 'the practice reader' },
] as const;
type Way = (typeof ways)[number]['id'];

/** Places a practice reader goes to: a dark one, a middle one and a light one. */
const practicePlaces = [0.32, 0.5, 0.8];

/** One reading of one place of one model, looked at before it is written. */
export function TakeReading({ asked, army, readings, log }: TakeReadingProps) {
  const worker = useWorker(ofWhatIsPainted);
  const [way, setWay] = useState<Way>('figures');
  const [model, setModel] = useState(() => nextModel(readings));
  const [tone, setTone] = useState<number>(0.5);
  const [line, setLine] = useState('');
  const place: ReadPlace = line === '' ? tone : { at: tone, line };
  const [lab, setLab] = useState<Lab | null>(null);
  const { answer: check } = useAnswer(
    ofWhatIsPainted,
    [asked.unitId, asked.surfaceId, readings.chosen, model, tone, line, lab],
    (worker) =>
      lab ? worker.checkReading({ ...asked, model, place, lab }) : Promise.resolve(null),
  );
  const entry = (head: ReadingHead, at: ReadPlace, read: Lab) =>
    ({
      kind: 'reading',
      ...head,
      where: {
        armyId: army.id,
        unitId: asked.unitId,
        surfaceId: asked.surfaceId,
        models: [model],
      },
      place: toneOf(at),
      ...(lineOfPlace(at) !== null && { line }),
      lab: [...read],
      from: way === 'photo' ? 'photo' : 'reader',
    }) satisfies LogEntry;
  const note = (at: ReadPlace) => {
    if (!lab) return;
    log.write(`read model ${model}`, [(head) => entry(head, at, lab)]);
    setLab(null);
  };
  const practise = async () => {
    const labs = await worker().practiceReading(asked, model, practicePlaces);
    log.write(
      `read model ${model}`,
      labs.map((read, index) => (head: ReadingHead) => ({
        ...entry(head, practicePlaces[index], read),
        note: 'practice reader',
      })),
    );
    const next = readings.models.find((each) => each > model);
    if (next !== undefined) setModel(next);
  };
  return (
    <section aria-label="Take a reading" className="take-reading">
      <h2>Take a reading</h2>
      <div className="flow">
        <Select label="With" value={way} onChoose={setWay} options={ways} />
        <Select
          label="Model"
          value={model}
          onChoose={(value) => setModel(Number(value))}
          options={readings.models}
        />
        {way !== 'practice' && readings.aspects.length > 0 && (
          <Select
            label="Where on it"
            value={line}
            onChoose={setLine}
            options={[
              { id: '', name: 'where nothing is aimed' },
              ...readings.aspects.map((each) => ({ id: each.line, name: each.name })),
            ]}
          />
        )}
        {way !== 'practice' && (
          <Select
            label="Place"
            value={tone}
            onChoose={(value) => setTone(Number(value))}
            options={toneStops.map(({ name, at }) => ({ id: at, name }))}
          />
        )}
      </div>
      {way === 'figures' && (
        <LabFields onLab={(typed) => setLab(typed && [typed.value, typed.a, typed.b])} />
      )}
      {way === 'photo' && <PhotoReader onLab={setLab} />}
      {way === 'practice' && (
        <p>
          The practice reader makes its numbers up from what is predicted, with an unsteady hand:
          for trying this out.{' '}
          <Button variant="outline" onClick={() => void practise()}>
            Read model {model} at three places
          </Button>
        </p>
      )}
      {lab && way !== 'practice' && (
        <div>
          <p>
            Read <Swatch hex={colourOfLab(...lab).hex} />{' '}
            {check && (
              <>
                predicted <Swatch hex={check.predictedHex} /> ΔE00 {check.difference.toFixed(1)}
              </>
            )}
          </p>
          {check?.likelier && (
            <p role="alert">
              It is ΔE00 {check.likelier.said.toFixed(1)} off there, and only{' '}
              {check.likelier.difference.toFixed(1)} off the {check.likelier.place}. Was another
              place read?{' '}
              <Button
                variant="plain"
                onClick={() => note(atTone(place, check.likelier?.at ?? tone))}
              >
                It was the {check.likelier.place}
              </Button>
            </p>
          )}
          <Button variant="next" onClick={() => note(place)}>
            Note it
          </Button>
        </div>
      )}
    </section>
  );
}

/** The first model nobody has read yet. */
function nextModel({ models, read }: Readings): number {
  return models.find((model) => !read.some((each) => each.model === model)) ?? models[0] ?? 1;
}
