import { mostSteps, type Pot, type Well } from '@yellow-ledger/core';
import { useState } from 'react';
import { Link } from 'react-router';
import { Choice } from '../../parts/Choice';
import { useNotice } from '../../parts/shell/notices';
import { doDeed } from '../../store/deeds/doDeeds';
import { useRecipeQuery } from '../../store/ledgerApi';
import { useAppDispatch } from '../../store/store';
import { withShelf } from '../../workers/ledgerWorker';
import { useRecipeRowsQuery } from '../../workers/recipeRows';
import { newStep } from '../recipe/newStep';

/** Writes a well's mix into a recipe as its next line. */
export function KeepInRecipe({ well, pots }: { well: Well; pots: Pot[] }) {
  const dispatch = useAppDispatch();
  const notify = useNotice();
  const { data: rows = [] } = useRecipeRowsQuery();
  const [recipeId, setRecipeId] = useState<string | null>(null);
  const [keptIn, setKeptIn] = useState<string | null>(null);
  const id = recipeId ?? rows.at(0)?.id;
  const { data: kept, refetch } = useRecipeQuery(id ?? '', { skip: id === undefined });
  if (rows.length === 0) return null;

  const keep = async () => {
    const { data: now } = await refetch();
    const recipe = now?.content;
    const mix = await withShelf(pots).wellMix(well);
    const step = recipe && newStep(recipe, pots);
    if (!recipe || !mix || !step) return;
    if (recipe.steps.length >= mostSteps)
      return notify(`${recipe.name} has ${mostSteps} lines already; carry on in a second one.`);
    const note = well.name;
    const problem = await dispatch(
      doDeed({
        kind: 'recipes',
        label: `keep ${well.name} in ${recipe.name}`,
        of: crypto.randomUUID(),
        before: recipe,
        after: { ...recipe, steps: [...recipe.steps, { ...step, mix, note }] },
      }),
    );
    if (problem) return notify(problem.message);
    // The recipe's own page opens with what is fetched here.
    await refetch();
    setKeptIn(recipe.id);
    notify(`${well.name} is line ${recipe.steps.length + 1} of ${recipe.name}; Ctrl+Z undoes it.`);
  };

  return (
    <div className="bring-back">
      <h3>Keep it</h3>
      <div className="well-deed">
        <Choice label="As the next line of" value={id ?? ''} onChoose={setRecipeId}>
          {rows.map((row) => (
            <option key={row.id} value={row.id}>
              {row.name}
            </option>
          ))}
        </Choice>
        <button
          type="button"
          className="outline-button"
          disabled={!kept}
          onClick={() => void keep()}
        >
          Keep it there
        </button>
        {keptIn && <Link to={`/recipes/${keptIn}`}>Open the recipe</Link>}
      </div>
    </div>
  );
}
