import type { Army, Pot, Unit } from '@yellow-ledger/core';
import { useMemo, useState } from 'react';
import { CountField } from '../../kit/field/CountField';
import { FigureTable } from '../../kit/FigureTable';
import { Grid } from '../../kit/Grid';
import { PotWords } from '../../kit/pots/PotWords';
import { potNamesOf } from '../../kit/words/recipeWords';
import { ofArmies } from '../../workers/parts';
import { useAnswer } from '../../workers/useAnswer';
import type { Together } from './togetherWork';
import { ModelFigure } from './ModelFigure';
import { useUnitChoice } from './units/UnitChoice';
import { Figures } from '../../kit/figures/Figures';

/** Whether the surfaces of a model belong together, shown on a figure. */
export function TogetherLeaf({ army, pots }: { army: Army; pots: Pot[] }) {
  const { unit, unitChoice } = useUnitChoice(army);
  const [chosen, setModel] = useState(1);
  const model = Math.min(chosen, unit?.models ?? 1);
  const { answer, problem } = useAnswer(ofArmies, [army, unit?.id, model], (worker) =>
    worker.together(army, unit?.id ?? '', model),
  );
  if (!unit) return <p>No unit yet; add one on the first tab.</p>;
  return (
    <Grid columns="minmax(0, 36rem) minmax(0, 1fr)" className="together">
      <div className="flow">
        {unitChoice}
        <CountField label="Model" value={model} least={1} most={unit.models} onCount={setModel} />
      </div>
      {problem && <p role="alert">{problem}</p>}
      {answer ? <TogetherAnswer unit={unit} answer={answer} pots={pots} /> : <p>Looking …</p>}
    </Grid>
  );
}

function TogetherAnswer({
  unit,
  answer: { reads, belonging, without },
  pots,
}: {
  unit: Unit;
  answer: Together;
  pots: Pot[];
}) {
  const potName = useMemo(() => potNamesOf(pots), [pots]);
  const named = (ids: readonly string[]) =>
    unit.surfaces.flatMap(({ id, name }) => (ids.includes(id) ? [name] : []));
  return (
    <>
      <ModelFigure surfaces={unit.surfaces} reads={reads} />
      <div className="together-words">
        <h2>What was found</h2>
        <ul aria-label="What was found">
          {belonging.remarks.map(({ sentence }) => (
            <li key={sentence} dir="auto">
              {sentence}
            </li>
          ))}
          {belonging.remarks.length === 0 && (
            <li>
              Neighbours stand apart, nothing outshines what comes first, and no stripe warns.
            </li>
          )}
          {belonging.light !== 'none' && (
            <li>Every surface goes {belonging.light} towards the light.</li>
          )}
          {belonging.shared.length > 0 && (
            <li dir="auto">
              Tied together by{' '}
              {belonging.shared
                .slice(0, 5)
                .map(({ potId, surfaces }) => `${potName(potId)} (${surfaces} surfaces)`)
                .join(', ')}
              .
            </li>
          )}
          {without.length > 0 && (
            <li dir="auto">Not judged, as it has no recipe: {named(without).join(', ')}.</li>
          )}
        </ul>
        <h2>At arm’s length</h2>
        <FigureTable
          rows={unit.surfaces
            .filter(({ id }) => id in reads)
            .map(({ id, name, isHidden }) => [
              <PotWords key={id} hex={reads[id].hex} name={isHidden ? `${name} (hidden)` : name} />,
              <Figures key="figures">
                L* {Math.round(reads[id].value)}, C* {Math.round(reads[id].chroma)}, {reads[id].hex}
              </Figures>,
            ])}
        />
      </div>
    </>
  );
}
