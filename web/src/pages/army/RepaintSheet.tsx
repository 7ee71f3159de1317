import type { Army, Pot, Repaint } from '@yellow-ledger/core';
import { useState } from 'react';
import { Choice } from '../../parts/Choice';
import { Ribbon } from '../../parts/Ribbon';
import { minutesInWords } from '../../parts/words/minutesInWords';
import { mlWords } from '../../parts/words/mlWords';
import { useRecipeRows } from '../../workers/useRecipeRows';
import { ofArmies } from '../../workers/parts';
import { useAnswer } from '../../workers/useAnswer';
import type { RepaintAnswer } from '../../workers/work/versionGapWork';
import { UnitChoice } from './UnitChoice';

/** What it takes to paint a finished surface over by another recipe. */
export function RepaintSheet({ army }: { army: Army; pots: Pot[] }) {
  const [unitId, setUnitId] = useState(army.units[0]?.id ?? '');
  const [chosenId, setSurfaceId] = useState('');
  const [recipeId, setRecipeId] = useState('');
  const { rows = [] } = useRecipeRows();
  const unit = army.units.find(({ id }) => id === unitId);
  const surface = unit?.surfaces.find(({ id }) => id === chosenId) ?? unit?.surfaces.at(0);
  const { answer, problem } = useAnswer(
    ofArmies,
    [army, unitId, surface?.id, recipeId],
    (worker) => worker.repaint(army, unitId, surface?.id ?? '', { recipeId, version: null }),
    recipeId !== '' && surface !== undefined,
  );
  if (!unit || !surface) return <p>No unit with a surface yet.</p>;
  return (
    <>
      <div className="leaf-choices">
        <UnitChoice army={army} unitId={unitId} onUnit={setUnitId} />
        <Choice label="Surface" value={surface.id} onChoose={setSurfaceId}>
          {unit.surfaces.map(({ id, name }) => (
            <option key={id} value={id}>
              {name}
            </option>
          ))}
        </Choice>
        <Choice label="Painted over by" value={recipeId} onChoose={setRecipeId}>
          <option value="">choose a recipe</option>
          {rows
            .filter(({ archived }) => !archived)
            .map(({ id, name }) => (
              <option key={id} value={id}>
                {name}
              </option>
            ))}
        </Choice>
      </div>
      {problem && <p role="alert">{problem}</p>}
      {recipeId && answer?.repaint && (
        <RepaintWords
          repaint={answer.repaint}
          neighbours={answer.neighbours}
          models={unit.models}
        />
      )}
      {recipeId && answer?.repaint === null && (
        <p role="status">This surface has no recipe yet, so nobody knows what stands there.</p>
      )}
    </>
  );
}

function RepaintWords({
  repaint,
  neighbours,
  models,
}: {
  repaint: Repaint;
  neighbours: RepaintAnswer['neighbours'];
  models: number;
}) {
  const { cost, coatsToCover, coveringStepId, showsThrough, worst, stops } = repaint;
  return (
    <div role="status">
      <div className="gap-ribbons">
        <span>as it stands</span>
        <Ribbon stops={stops} hexes={repaint.from.map(({ hex }) => hex)} label="As it stands" />
        <span>as it is meant</span>
        <Ribbon stops={stops} hexes={repaint.to.map(({ hex }) => hex)} label="As it is meant" />
      </div>
      <ul>
        <li>
          {coveringStepId === null
            ? 'Nothing in this recipe covers the whole surface: lay its ground first.'
            : coatsToCover === null
              ? 'Even 20 coats of its base do not cover what is there: lay its ground, or an under-colour, first.'
              : `${coatsToCover} ${coatsToCover === 1 ? 'coat' : 'coats'} of its base until what is there no longer shows.`}
        </li>
        <li>
          Painted as written, without more coats, it stays ΔE00 {showsThrough.toFixed(1)} off at the
          worst place. Before and after differ most at the {worst.place}, ΔE00{' '}
          {worst.difference.toFixed(1)}.
        </li>
        <li dir="auto">
          {neighbours.length > 0
            ? `A slip would spoil ${neighbours.join(', ')}; mask or mend.`
            : 'Nothing finished lies beside it.'}
        </li>
        <li>
          {models} {models === 1 ? 'model' : 'models'}: {cost.coats} coats each,{' '}
          {minutesInWords(cost.minutes)} hands-on in all, {mlWords(cost.ml)} of thinned paint.
        </li>
      </ul>
    </div>
  );
}
