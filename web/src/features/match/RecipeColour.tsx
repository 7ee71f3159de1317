import {
  aspectNames,
  everyAspect,
  finishedSurface,
  shapeOf,
  toneStops,
  type BuildUp,
  type Recipe,
  type SurfaceColour,
} from '@yellow-ledger/core';
import { useState } from 'react';
import { useRecord } from '../../data/useCollections';
import { Select } from '../../kit/Select';
import { ofShelf } from '../../workers/parts';
import { useAnswer } from '../../workers/useAnswer';
import { useRecipeRows } from '../../workers/useRecipeRows';

/** The named places of every aspect of a finished surface. */
function placesOf(build: BuildUp, recipe: Recipe) {
  const every = everyAspect(build);
  const names = aspectNames(
    every.map(({ aspect }) => aspect),
    shapeOf(recipe),
  );
  return every.flatMap((each, k) =>
    toneStops.map(({ name, at }) => ({
      id: `place ${name} ${each.aspect.key}`,
      name: `finished, at the ${name}${every.length > 1 ? `, ${names[k]}` : ''}`,
      colour: finishedSurface(each)[each.stops.indexOf(at)],
    })),
  );
}

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
  const places = build && recipe ? placesOf(build, recipe) : [];
  const choose = (chosen: string) => {
    setWhat(chosen);
    if (!build) return onColour(null);
    const line = build.steps.find(({ stepId }) => `line ${stepId}` === chosen);
    const place = places.find(({ id }) => id === chosen);
    onColour(line?.mix.colour ?? place?.colour ?? null);
  };
  return (
    <span className="flow">
      <Select
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
      </Select>
      {recipe && build && (
        <Select
          label="Colour in it"
          value={what}
          onChoose={choose}
          options={[
            { id: '', name: 'choose …' },
            ...places,
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
