import {
  differencesBetween,
  mergeRecipes,
  recipeSchema,
  usualChoices,
  type Recipe,
  type RecipeParent,
  type Side,
} from '@yellow-ledger/core';
import { useMemo, useState } from 'react';
import { Link } from 'react-router';
import { useRecord } from '../../../ledger/useParts';
import { useVersions } from '../../../ledger/useVersions';
import { CannotMerge } from '../../../parts/merge/CannotMerge';
import { DifferenceTable } from '../../../parts/merge/DifferenceTable';
import { useEditRecipe } from '../useDraft';
import type { RecipeWords } from '../../../parts/words/recipeWords';

export interface TakeOverProps {
  recipe: Recipe;
  parent: RecipeParent;
  words: RecipeWords;
}

/** What a variant's parent has changed since, to be taken over line by line. */
export function TakeOver({ recipe, parent, words }: TakeOverProps) {
  const edit = useEditRecipe(recipe.id);
  const { versions } = useVersions(parent.recipeId);
  const kept = useRecord('recipes', parent.recipeId);
  const [chosen, setChosen] = useState<Record<string, Side>>({});
  const base = versions?.find(({ number }) => number === parent.version);
  const newest = versions?.at(-1);
  const differences = useMemo(
    () =>
      base && newest && newest.number > parent.version
        ? differencesBetween(base.content, recipe, newest.content).filter(
            // What only the variant changed is what makes it one.
            ({ changedBy }) => changedBy !== 'mine',
          )
        : [],
    [base, newest, parent.version, recipe],
  );
  const cutTie = () => {
    const { parent: _tie, ...alone } = recipe;
    edit(alone, `cut tie ${Date.now()}`);
  };
  if (kept === null)
    return (
      <p>
        <b dir="auto">{parent.name}</b>, which this is a variant of, is not in this ledger: it was
        deleted, or not brought along. The variant stands on its own.{' '}
        <button type="button" className="plain-button" onClick={cutTie}>
          Cut the tie
        </button>
      </p>
    );
  if (!versions) return null;
  const tie = (
    <p>
      Variant of{' '}
      <Link to={`/recipes/${parent.recipeId}`} dir="auto">
        {parent.name}
      </Link>
      , version {parent.version}.{' '}
      <button type="button" className="plain-button" onClick={cutTie}>
        Cut the tie
      </button>
    </p>
  );
  if (!newest || newest.number <= parent.version)
    return (
      <>
        {tie}
        <p>There is no newer version of it to take anything over from.</p>
      </>
    );
  const choices = { ...usualChoices(differences), ...chosen };
  const merged: Recipe = {
    ...mergeRecipes(recipe, newest.content, differences, choices),
    parent: { ...parent, name: newest.content.name, version: newest.number },
  };
  const check = recipeSchema.safeParse(merged);
  return (
    <div className="take-over">
      {tie}
      <p>
        Version {newest.number} of it is newer
        {differences.length === 0 && ', and changes nothing this variant does not have'}.
      </p>
      {differences.length > 0 && (
        <DifferenceTable
          differences={differences}
          mine={recipe}
          theirs={newest.content}
          words={words}
          heads={{ mine: 'This variant', theirs: `Version ${newest.number} of the parent` }}
          choices={choices}
          onChoose={(key, side) => setChosen({ ...chosen, [key]: side })}
        />
      )}
      <CannotMerge check={check} merged={merged} />
      <button
        type="button"
        className="next-button"
        disabled={!check.success}
        onClick={() =>
          check.success && edit(check.data, `take over ${newest.number} ${Date.now()}`)
        }
      >
        Take over what is chosen
      </button>
    </div>
  );
}
