import type { Army, Pot, Unit } from '@yellow-ledger/core';
import { useMemo, useState } from 'react';
import { Choice } from '../../parts/Choice';
import { Swatch } from '../../parts/Swatch';
import { potNamesOf } from '../../parts/words/recipeWords';
import { ofArmies } from '../../workers/parts';
import { useAnswer } from '../../workers/useAnswer';
import type { Together } from '../../workers/work/togetherWork';
import { ModelFigure } from './ModelFigure';
import { UnitChoice } from './UnitChoice';

/** Whether the surfaces of a model belong together, shown on a figure. */
export function TogetherLeaf({ army, pots }: { army: Army; pots: Pot[] }) {
  const [unitId, setUnitId] = useState(army.units[0]?.id ?? '');
  const [model, setModel] = useState(1);
  const unit = army.units.find(({ id }) => id === unitId);
  const { answer, problem } = useAnswer(ofArmies, [army, unitId, model], (worker) =>
    worker.together(army, unitId, model),
  );
  if (!unit) return <p>No unit yet; write one on the first leaf.</p>;
  return (
    <div className="together">
      <div className="leaf-choices">
        <UnitChoice
          army={army}
          unitId={unitId}
          onUnit={(chosen) => {
            setUnitId(chosen);
            setModel(1);
          }}
        />
        <Choice label="Model" value={model} onChoose={(chosen) => setModel(Number(chosen))}>
          {Array.from({ length: Math.min(unit.models, mostListed) }, (_, i) => (
            <option key={i} value={i + 1}>
              {i + 1}
            </option>
          ))}
        </Choice>
      </div>
      {problem && <p role="alert">{problem}</p>}
      {answer ? <TogetherAnswer unit={unit} answer={answer} pots={pots} /> : <p>Looking …</p>}
    </div>
  );
}

const mostListed = 200;

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
        <table className="paint-table">
          <tbody>
            {unit.surfaces
              .filter(({ id }) => id in reads)
              .map(({ id, name, isHidden }) => (
                <tr key={id}>
                  <th scope="row">
                    <Swatch hex={reads[id].hex} /> <span dir="auto">{name}</span>
                    {isHidden && ' (hidden)'}
                  </th>
                  <td>L* {Math.round(reads[id].value)}</td>
                  <td>C* {Math.round(reads[id].chroma)}</td>
                  <td>{reads[id].hex}</td>
                </tr>
              ))}
          </tbody>
        </table>
      </div>
    </>
  );
}
