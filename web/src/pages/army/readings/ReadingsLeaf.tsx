import type { Army, Pot } from '@yellow-ledger/core';
import { useState } from 'react';
import { Choice } from '../../../parts/Choice';
import { ofWhatIsPainted } from '../../../workers/parts';
import { useAnswer } from '../../../workers/useAnswer';
import { UnitChoice } from '../UnitChoice';
import { lazily } from '../../../parts/lazily';
import { ReadingTable } from './ReadingTable';
import { LearnSheet } from './LearnSheet';
import { TakeReading } from './TakeReading';
import { Verdict } from './Verdict';
import { useReadingLog } from './useReadingLog';
import './readings.scss';

const ReadingChart = lazily(
  async () => (await import('./ReadingChart')).ReadingChart,
  () => null,
);

/** Whether finished models still match the plan and the first of them. */
export function ReadingsLeaf({ army, pots }: { army: Army; pots: Pot[] }) {
  const [unitId, setUnitId] = useState('');
  const unit = army.units.find(({ id }) => id === unitId) ?? army.units.at(0);
  const [surfaceId, setSurfaceId] = useState('');
  const surface = unit?.surfaces.find(({ id }) => id === surfaceId) ?? unit?.surfaces.at(0);
  const [pin, setPin] = useState<string | null>(null);
  const log = useReadingLog(army.id);
  const asked = { army, unitId: unit?.id ?? '', surfaceId: surface?.id ?? '', pin };
  const { answer, problem } = useAnswer(
    ofWhatIsPainted,
    [army, asked.unitId, asked.surfaceId, pin],
    async (worker) => ({ of: asked, readings: await worker.readings(asked) }),
    unit !== undefined && surface !== undefined,
  );
  if (!unit || !surface)
    return <p>Give the army a unit with a surface first: then its models can be read.</p>;
  const readings = answer?.of.surfaceId === surface.id ? answer.readings : undefined;
  return (
    <div className="readings">
      <div className="leaf-choices">
        <UnitChoice army={army} unitId={unit.id} onUnit={setUnitId} />
        <Choice label="Surface" value={surface.id} onChoose={setSurfaceId}>
          {unit.surfaces.map(({ id, name }) => (
            <option key={id} value={id}>
              {name}
            </option>
          ))}
        </Choice>
        {readings && readings.groups.length > 1 && (
          <Choice label="Painted by" value={readings.chosen} onChoose={setPin}>
            {readings.groups.map(({ key, name, models }) => (
              <option key={key} value={key}>
                {name}, {models}
              </option>
            ))}
          </Choice>
        )}
      </div>
      {problem && <p role="alert">{problem}</p>}
      {readings === null && <p>This surface has no recipe to compare with; give it one first.</p>}
      {readings && (
        <>
          <Verdict readings={readings} />
          {readings.chart.points.length > 0 && <ReadingChart chart={readings.chart} />}
          <TakeReading
            key={`${unit.id} ${surface.id} ${readings.chosen}`}
            asked={asked}
            army={army}
            pots={pots}
            readings={readings}
            log={log}
          />
          {readings.read.length > 0 && (
            <>
              <ReadingTable readings={readings} />
              <LearnSheet readings={readings} pots={pots} log={log} />
            </>
          )}
        </>
      )}
    </div>
  );
}
