import {
  counted,
  withOwnRecipe,
  type Army,
  type Unit,
  type UnitSurface,
} from '@yellow-ledger/core';
import Button from 'react-bootstrap/Button';
import { useState } from 'react';
import { Select } from '../../../kit/Select';
import { ActionBar } from '../../../kit/ActionBar';
import { useNotice } from '../../../kit/shell/notices';
import { modelsWords } from '../../../kit/words/modelsWords';
import { ofWhatIsPainted } from '../../../workers/parts';
import { useAnswer } from '../../../workers/useAnswer';
import { useRecipeRows } from '../../../workers/useRecipeRows';
import type { ChangeArmy } from '../changeArmy';
import { RepaintWords } from './RepaintWords';
import { StripFold } from '../units/StripFold';
import { useSurfaceChoice, useUnitChoice } from '../units/UnitChoice';

export interface RepaintSheetProps {
  army: Army;
  change: ChangeArmy;
}

/** The work of painting a finished surface over by another recipe, over the layers the log has. */
export function RepaintSheet({ army, change }: RepaintSheetProps) {
  const { unit, unitChoice } = useUnitChoice(army);
  const { surface, surfaceChoice } = useSurfaceChoice(unit);
  const [recipeId, setRecipeId] = useState('');
  const [chosenModel, setChosenModel] = useState<number | null>(null);
  const notify = useNotice();
  const { rows = [] } = useRecipeRows();
  const pin = { recipeId, version: null };
  const model = chosenModel !== null && chosenModel <= (unit?.models ?? 0) ? chosenModel : null;
  const { answer, problem } = useAnswer(
    ofWhatIsPainted,
    [army, unit?.id, surface?.id, recipeId, model],
    (worker) => worker.repaint(army, unit?.id ?? '', surface?.id ?? '', pin, model),
    recipeId !== '' && surface !== undefined,
  );
  if (!unit || !surface) return <p>No unit with a surface yet.</p>;
  const painted = answer?.painted ?? [];
  return (
    <>
      <div className="flow">
        {unitChoice}
        {surfaceChoice}
        <Select
          label="Painted over by"
          value={recipeId}
          onChoose={setRecipeId}
          options={rows.filter(({ archived }) => !archived)}
        >
          <option value="">choose a recipe</option>
        </Select>
        {painted.length > 1 && (
          <Select
            label="As it stands on"
            value={answer?.model ?? ''}
            onChoose={(chosen) => setChosenModel(Number(chosen))}
            options={painted.map((each) => ({ id: each, name: `model ${each}` }))}
          />
        )}
      </div>
      {problem && <p role="alert">{problem}</p>}
      {recipeId && answer?.repaint && (
        <>
          <RepaintWords answer={{ ...answer, repaint: answer.repaint }} unit={unit} />
          {painted.length > 0 && (
            <ActionBar>
              <Button
                variant="outline"
                onClick={() => {
                  change(`give ${surface.name} another recipe`, (before) =>
                    givenTo(before, unit, surface, painted, recipeId),
                  );
                  notify(
                    `${surface.name} of ${modelsWords(painted)} goes by the other recipe now: the bench has its lines, over what is there.`,
                  );
                }}
              >
                Give {counted(painted.length, 'model')} this recipe
              </Button>
            </ActionBar>
          )}
        </>
      )}
      {recipeId && answer?.repaint === null && (
        <p role="status">This surface has no recipe yet, so nobody knows what stands there.</p>
      )}
      {recipeId && <StripFold army={army} unit={unit} painted={painted} />}
    </>
  );
}

/** Models of a unit with another recipe on a surface. */
function givenTo(
  army: Army,
  { id }: Unit,
  surface: UnitSurface,
  models: readonly number[],
  recipeId: string,
): Army {
  const given = (unit: Unit): Unit => ({
    ...unit,
    own: models.reduce(
      (own, model) => withOwnRecipe(own, model, surface.id, { recipeId, version: null }),
      unit.own ?? [],
    ),
  });
  return { ...army, units: army.units.map((unit) => (unit.id === id ? given(unit) : unit)) };
}
