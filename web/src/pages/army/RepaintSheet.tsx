import { counted, type Army, type Repaint, differenceWords } from '@yellow-ledger/core';
import { useState } from 'react';
import { Choice } from '../../parts/Choice';
import { Ribbon } from '../../parts/Ribbon';
import { minutesInWords } from '../../parts/words/minutesInWords';
import { mlWords } from '../../parts/words/mlWords';
import { ofArmies } from '../../workers/parts';
import { useAnswer } from '../../workers/useAnswer';
import { useRecipeRows } from '../../workers/useRecipeRows';
import type { RepaintAnswer } from '../../workers/work/versionGapWork';
import { useSurfaceChoice, useUnitChoice } from './UnitChoice';
import { Figures } from '../../parts/figures/Figures';

/** What it takes to paint a finished surface over by another recipe. */
export function RepaintSheet({ army }: { army: Army }) {
  const { unit, unitChoice } = useUnitChoice(army);
  const { surface, surfaceChoice } = useSurfaceChoice(unit);
  const [recipeId, setRecipeId] = useState('');
  const { rows = [] } = useRecipeRows();
  const { answer, problem } = useAnswer(
    ofArmies,
    [army, unit?.id, surface?.id, recipeId],
    (worker) =>
      worker.repaint(army, unit?.id ?? '', surface?.id ?? '', { recipeId, version: null }),
    recipeId !== '' && surface !== undefined,
  );
  if (!unit || !surface) return <p>No unit with a surface yet.</p>;
  return (
    <>
      <div className="flow">
        {unitChoice}
        {surfaceChoice}
        <Choice
          label="Painted over by"
          value={recipeId}
          onChoose={setRecipeId}
          options={rows.filter(({ archived }) => !archived)}
        >
          <option value="">choose a recipe</option>
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
        <Ribbon surface={repaint.from} stops={stops} label="As it stands" />
        <span>as it is meant</span>
        <Ribbon surface={repaint.to} stops={stops} label="As it is meant" />
      </div>
      <ul>
        <li>
          {coveringStepId === null
            ? 'Nothing in this recipe covers the whole surface: lay its ground first.'
            : coatsToCover === null
              ? 'Even 20 coats of its base do not cover what is there: lay its ground, or an under-colour, first.'
              : `${counted(coatsToCover, 'coat')} of its base until what is there no longer shows.`}
        </li>
        <li>
          Painted as written, without more coats, what was there shows at the worst place:{' '}
          {differenceWords(showsThrough)}. Before and after differ most at the {worst.place}:{' '}
          {differenceWords(worst.difference)}.
          <Figures>
            {' '}
            ΔE00 {showsThrough.toFixed(1)} and {worst.difference.toFixed(1)}.
          </Figures>
        </li>
        <li dir="auto">
          {neighbours.length > 0
            ? `A slip would spoil ${neighbours.join(', ')}; mask or mend.`
            : 'Nothing finished lies beside it.'}
        </li>
        <li>
          {counted(models, 'model')}: {cost.coats} coats each, {minutesInWords(cost.minutes)}{' '}
          hands-on in all, {mlWords(cost.ml)} of thinned paint.
        </li>
      </ul>
    </div>
  );
}
