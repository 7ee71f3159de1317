import { mostSteps, type Pot, type Recipe, type Well } from '@yellow-ledger/core';
import Button from 'react-bootstrap/Button';
import { useState } from 'react';
import { Link } from 'react-router';
import { useWriter } from '../../data/useWriter';
import { Select } from '../../kit/Select';
import { newStep } from '../../kit/paint/newStep';
import { useNotice } from '../../kit/shell/notices';
import { ofShelf } from '../../workers/parts';
import { useRecipeRows } from '../../workers/useRecipeRows';
import { useWorker } from '../../workers/useWorker';

/** Writes a well's mix into a recipe as its next line. */
export function KeepInRecipe({ well, pots }: { well: Well; pots: Pot[] }) {
  const writer = useWriter();
  const notify = useNotice();
  const worker = useWorker(ofShelf);
  const { rows = [] } = useRecipeRows();
  const [recipeId, setRecipeId] = useState<string | null>(null);
  const [keptIn, setKeptIn] = useState<string | null>(null);
  const id = recipeId ?? rows.at(0)?.id;
  if (id === undefined) return null;

  const keep = async () => {
    const mix = await worker().wellMix(well);
    const recipe = writer.shown('recipes', id) as Recipe | null;
    const step = recipe && newStep(recipe, pots);
    if (!recipe || !mix || !step) return;
    if (recipe.steps.length >= mostSteps)
      return notify(`${recipe.name} has ${mostSteps} lines already; carry on in a second one.`);
    const line = { ...step, mix, note: well.name };
    writer.change('recipes', id, `keep ${well.name} in ${recipe.name}`, (now) => ({
      ...now,
      steps: [...now.steps, line],
    }));
    setKeptIn(recipe.id);
    notify(`${well.name} is line ${recipe.steps.length + 1} of ${recipe.name}; Ctrl+Z undoes it.`);
  };

  return (
    <div className="stacked">
      <h3>Keep it</h3>
      <div className="flow">
        <Select
          label="As the next line of"
          value={id ?? ''}
          onChoose={setRecipeId}
          options={rows}
        />
        <Button variant="outline" onClick={() => void keep()}>
          Keep it there
        </Button>
        {keptIn && <Link to={`/recipes/${keptIn}`}>Open the recipe</Link>}
      </div>
    </div>
  );
}
