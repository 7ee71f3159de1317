import type { Army, Pot } from '@yellow-ledger/core';
import { useState } from 'react';
import { Select } from '../../../kit/Select';
import { lazyPage } from '../../../kit/lazy/lazyPage';
import { ofWhatIsPainted } from '../../../workers/parts';
import { useAnswer } from '../../../workers/useAnswer';
import { useSurfaceChoice, useUnitChoice } from '../units/UnitChoice';
import { LearnSheet } from './LearnSheet';
import { ReadingTable } from './ReadingTable';
import { TakeReading } from './TakeReading';
import { useReadingLog } from './useReadingLog';
import { Verdict } from './Verdict';
import './readings.scss';

const ReadingChart = lazyPage(
  async () => (await import('./ReadingChart')).ReadingChart,
  () => null,
);

/** Whether finished models still match the plan and the first of them. */
export function ReadingsLeaf({ army, pots }: { army: Army; pots: Pot[] }) {
  const { unit, unitChoice } = useUnitChoice(army);
  const { surface, surfaceChoice } = useSurfaceChoice(unit);
  const [pin, setPin] = useState<string | null>(null);
  const log = useReadingLog(army.id);
  const asked = { army, unitId: unit?.id ?? '', surfaceId: surface?.id ?? '', pin };
  const { answer, problem } = useAnswer(
    ofWhatIsPainted,
    [army, asked.unitId, asked.surfaceId, pin],
    async (worker) => ({ of: asked.surfaceId, readings: await worker.readings(asked) }),
    unit !== undefined && surface !== undefined,
  );
  if (!unit || !surface)
    return <p>Give the army a unit with a surface first: then its models can be read.</p>;
  const readings = answer?.of === surface.id ? answer.readings : undefined;
  return (
    <div className="readings">
      <div className="flow">
        {unitChoice}
        {surfaceChoice}
        {readings && readings.groups.length > 1 && (
          <Select
            label="Painted by"
            value={readings.chosen}
            onChoose={setPin}
            options={readings.groups.map(({ key, name, models }) => ({
              id: key,
              name: `${name}, ${models}`,
            }))}
          />
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
