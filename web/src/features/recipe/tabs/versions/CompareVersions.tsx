import type { Pot, Recipe, Version } from '@yellow-ledger/core';
import { useState } from 'react';
import { useRecord } from '../../../../data/useCollections';
import { useVersions } from '../../../../data/useVersions';
import { ComparedRecipes } from '../../../../kit/compare/ComparedRecipes';
import { Select } from '../../../../kit/Select';
import { versionOptions } from '../../../../kit/words/versionOptions';
import { useRecipeRows } from '../../../../workers/useRecipeRows';

export interface CompareVersionsProps {
  recipe: Recipe;
  versions: readonly Version[];
  pots: Pot[];
}

/** A state of a recipe: a version, or the page as it is now. */
interface Side {
  recipeId: string;
  version: number | null;
}

/** Any two versions or recipes, line by line and ribbon by ribbon. */
export function CompareVersions({ recipe, versions, pots }: CompareVersionsProps) {
  const now: Side = { recipeId: recipe.id, version: null };
  const [left, setLeft] = useState<Side | null>(null);
  const [right, setRight] = useState<Side>(now);
  const leftSide = left ?? { ...now, version: versions.at(-1)?.number ?? null };
  const one = useContent(leftSide, recipe);
  const other = useContent(right, recipe);
  return (
    <div className="compare">
      <h2>Compare</h2>
      <div className="flow">
        <SidePicker label="Left" side={leftSide} onChoose={setLeft} recipe={recipe} />
        <SidePicker label="Right" side={right} onChoose={setRight} recipe={recipe} />
      </div>
      {one && other && <ComparedRecipes one={one} other={other} pots={pots} />}
    </div>
  );
}

function useContent({ recipeId, version }: Side, own: Recipe): Recipe | null {
  const isOwn = recipeId === own.id;
  const { versions } = useVersions(recipeId);
  const kept = useRecord('recipes', recipeId);
  if (version !== null)
    return (
      versions?.find(({ number, content }) => number === version && content.id === recipeId)
        ?.content ?? null
    );
  if (isOwn) return own;
  return kept?.content.id === recipeId ? kept.content : null;
}

function SidePicker({
  label,
  side,
  onChoose,
  recipe,
}: {
  label: string;
  side: Side;
  onChoose: (side: Side) => void;
  recipe: Recipe;
}) {
  const { rows } = useRecipeRows();
  const { versions } = useVersions(side.recipeId);
  return (
    <>
      <Select
        label={`${label}: recipe`}
        value={side.recipeId}
        onChoose={(chosen) => onChoose({ recipeId: chosen, version: null })}
        options={[
          { id: recipe.id, name: 'this recipe' },
          ...(rows ?? []).filter(({ id }) => id !== recipe.id),
        ]}
      />
      <Select
        label={`${label}: version`}
        value={side.version ?? ''}
        onChoose={(chosen) => onChoose({ ...side, version: chosen === '' ? null : Number(chosen) })}
        options={versionOptions(versions ?? [])}
      />
    </>
  );
}
