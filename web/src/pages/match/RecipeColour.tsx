import { toneStops, type SurfaceColour } from '@yellow-ledger/core';
import { useState } from 'react';
import { useRecord } from '../../ledger/useParts';
import { Choice } from '../../parts/Choice';
import { ofShelf } from '../../workers/parts';
import { useAnswer } from '../../workers/useAnswer';
import { useRecipeRows } from '../../workers/useRecipeRows';

export interface RecipeColourProps {
  onColour: (colour: SurfaceColour | null) => void;
}

/** The mix of a line, or the finished colour at a place, of a recipe in the ledger. */
export function RecipeColour({ onColour }: RecipeColourProps) {
  const [recipeId, setRecipeId] = useState('');
  const [what, setWhat] = useState('');
  const { rows } = useRecipeRows();
  const recipe = useRecord('recipes', recipeId)?.content ?? null;
  const { answer: build } = useAnswer(
    ofShelf,
    [recipe],
    (worker) => (recipe ? worker.finished(recipe) : Promise.resolve(null)),
    recipe !== null,
  );
  const choose = (chosen: string) => {
    setWhat(chosen);
    if (!build) return onColour(null);
    const line = build.steps.find(({ stepId }) => `line ${stepId}` === chosen);
    const place = toneStops.find(({ name }) => `place ${name}` === chosen);
    const surface = build.steps.at(-1)?.surface ?? build.ground;
    onColour(line?.mix.colour ?? (place ? surface[build.stops.indexOf(place.at)] : null));
  };
  return (
    <span className="flow">
      <Choice
        label="Recipe"
        value={recipeId}
        onChoose={(id) => {
          setRecipeId(id);
          setWhat('');
          onColour(null);
        }}
        options={rows}
      >
        <option value="">choose …</option>
      </Choice>
      {recipe && build && (
        <Choice
          label="Colour in it"
          value={what}
          onChoose={choose}
          options={[
            { id: '', name: 'choose …' },
            ...toneStops.map(({ name }) => ({
              id: `place ${name}`,
              name: `finished, at the ${name}`,
            })),
            ...recipe.steps.map(({ id }, index) => ({
              id: `line ${id}`,
              name: `the mix of line ${index + 1}`,
            })),
          ]}
        />
      )}
    </span>
  );
}
