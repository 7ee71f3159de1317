import type { Army, Batch, PlannedRun } from '@yellow-ledger/core';
import Button from 'react-bootstrap/Button';
import { useState } from 'react';
import { entryHead } from '../../../data/log/entryHead';
import { useAppStore } from '../../../data/store';
import { useWriter } from '../../../data/useWriter';
import { CountField } from '../../../kit/field/CountField';
import { ActionBar } from '../../../kit/ActionBar';
import { CheckboxGroup } from '../../../kit/CheckboxGroup';
import { Disclosure } from '../../../kit/Disclosure';
import { Select } from '../../../kit/Select';
import { unitName } from '../../../kit/words/surfaceWords';
import { ofWhatIsPainted } from '../../../workers/parts';
import { useWorker } from '../../../workers/useWorker';
import { coatsNoted, paintedUpTo, surfacesOf, withSessionOver, type PlannedSurface } from './noted';
import type { PlanWords } from './planWords';

export interface WhatWasPaintedProps {
  army: Army;
  batch: Batch;
  session: Batch['sessions'][number];
  runs: readonly PlannedRun[];
  words: PlanWords;
}

/** After the session: how far it came. Whatever was not painted is planned into the ones that follow. */
export function WhatWasPainted({ army, batch, session, runs, words }: WhatWasPaintedProps) {
  const writer = useWriter();
  const store = useAppStore();
  const worker = useWorker(ofWhatIsPainted);
  const [painted, setPainted] = useState<Record<number, readonly number[]>>({});
  const modelsOf = (index: number) => painted[index] ?? runs[index].models;
  const put = (changed: Record<number, readonly number[]>) =>
    setPainted((before) => ({ ...before, ...changed }));
  const surfaces = surfacesOf(runs);
  const units = [...new Set(surfaces.map(({ unitId }) => unitId))];
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
    <Disclosure className="no-print" title="Evening over: record what was painted">
      {units.map((unitId) => {
        const own = surfaces.filter((each) => each.unitId === unitId);
        const putAll = (isPainted: boolean) =>
          put(
            Object.assign(
              {},
              ...own.map((each) => paintedUpTo(each, runs, isPainted ? each.indexes.length : 0)),
            ),
          );
        return (
          <section key={unitId} aria-label={unitName(army, unitId)}>
            <h3 dir="auto">{unitName(army, unitId)}</h3>
            <div className="flow">
              <Button variant="outline" size="sm" onClick={() => putAll(true)}>
                All of it
              </Button>
              <Button variant="outline" size="sm" onClick={() => putAll(false)}>
                Nothing
              </Button>
            </div>
            {own.map((surface) => (
              <PaintedSurface
                key={surface.surfaceId}
                surface={surface}
                runs={runs}
                modelsOf={modelsOf}
                words={words}
                onPainted={put}
              />
            ))}
          </section>
        );
      })}
      <ActionBar>
        <Button variant="next" onClick={() => void note()}>
          Record it and plan on
        </Button>
      </ActionBar>
    </Disclosure>
  );
}

interface PaintedSurfaceProps {
  surface: PlannedSurface;
  runs: readonly PlannedRun[];
  modelsOf: (index: number) => readonly number[];
  words: PlanWords;
  onPainted: (changed: Record<number, readonly number[]>) => void;
}

/** How far one surface of a unit came: up to a coat, or model by model where that is not all. */
function PaintedSurface({ surface, runs, modelsOf, words, onPainted }: PaintedSurfaceProps) {
  const { indexes } = surface;
  const whole = indexes.filter((index) => modelsOf(index).length === runs[index].models.length);
  const isUpTo = indexes.every(
    (index, place) => modelsOf(index).length > 0 === place < whole.length,
  );
  const options = [
    { id: '0', name: 'nothing' },
    ...indexes.map((index, place) => ({
      id: String(place + 1),
      name: place + 1 === indexes.length ? 'all of it' : `up to ${words.coats([runs[index]])}`,
    })),
    ...(isUpTo ? [] : [{ id: 'some', name: 'some of it' }]),
  ];
  return (
    <div className="flow" dir="auto">
      <Select
        label={words.surface(runs[indexes[0]])}
        value={isUpTo ? String(whole.length) : 'some'}
        options={options}
        onChoose={(chosen) => {
          if (chosen !== 'some') onPainted(paintedUpTo(surface, runs, Number(chosen)));
        }}
      />
      <Disclosure title="By the coat">
        <ol>
          {indexes.map((index) => (
            <PaintedCoat
              key={index}
              run={runs[index]}
              painted={modelsOf(index)}
              words={words}
              onPainted={(models) => onPainted({ [index]: models })}
            />
          ))}
        </ol>
      </Disclosure>
    </div>
  );
}

interface PaintedCoatProps {
  run: PlannedRun;
  painted: readonly number[];
  words: PlanWords;
  onPainted: (models: readonly number[]) => void;
}

function PaintedCoat({ run, painted, words, onPainted }: PaintedCoatProps) {
  const [isOpen, setIsOpen] = useState(false);
  return (
    <li>
      <CountField
        label={`${words.coats([run])}: painted`}
        after={`of ${run.models.length}`}
        value={painted.length}
        most={run.models.length}
        // In the order they were to be painted in.
        onCount={(count) => onPainted(run.models.slice(0, count))}
      />{' '}
      {run.models.length > 1 && (
        <Button variant="plain" aria-expanded={isOpen} onClick={() => setIsOpen(!isOpen)}>
          {painted.length === 0 ? 'no model' : words.models({ models: [...painted] })}
        </Button>
      )}
      {isOpen && (
        <CheckboxGroup
          legend="Which models were painted"
          options={run.models.map((value) => ({ value, name: String(value) }))}
          ticked={painted}
          onTicked={onPainted}
        />
      )}
    </li>
  );
}
