import { differencesBetween, type Recipe, type RecipeParent } from '@yellow-ledger/core';
import Button from 'react-bootstrap/Button';
import { useMemo } from 'react';
import { Link } from 'react-router';
import { ReasonButton } from '../../../../kit/ReasonButton';
import { useRecord } from '../../../../data/useCollections';
import { useVersions } from '../../../../data/useVersions';
import { useMerging } from '../../../../kit/merge/useMerging';
import type { RecipeWords } from '../../../../kit/words/recipeWords';
import { useEditRecipe } from '../../useDraft';

export interface TakeOverProps {
  recipe: Recipe;
  parent: RecipeParent;
  words: RecipeWords;
}

/** Changes of a variant's parent since, to be taken over line by line. */
export function TakeOver({ recipe, parent, words }: TakeOverProps) {
  const edit = useEditRecipe(recipe.id);
  const { versions } = useVersions(parent.recipeId);
  const kept = useRecord('recipes', parent.recipeId);
  const base = versions?.find(({ number }) => number === parent.version);
  const newest = versions?.at(-1);
  const differences = useMemo(
    () =>
      base && newest && newest.number > parent.version
        ? differencesBetween(base.content, recipe, newest.content).filter(
            // A change only in the variant is what makes it one.
            ({ changedBy }) => changedBy !== 'mine',
          )
        : [],
    [base, newest, parent.version, recipe],
  );
  const { merged, isRight, table } = useMerging({
    differences,
    mine: recipe,
    theirs: newest?.content,
    words,
    heads: {
      mine: 'This variant',
      theirs: `Version ${newest?.number ?? 0} of the parent`,
    },
  });
  const cutTie = () => {
    const { parent: _tie, ...alone } = recipe;
    edit(alone, `cut tie ${Date.now()}`);
  };
  if (kept === null)
    return (
      <p>
        <b dir="auto">{parent.name}</b>, which this is a variant of, is not in this ledger: it was
        deleted, or not brought along. The variant stands on its own.{' '}
        <Button variant="plain" onClick={cutTie}>
          Unlink it
        </Button>
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
      <Button variant="plain" onClick={cutTie}>
        Unlink it
      </Button>
    </p>
  );
  if (!newest || newest.number <= parent.version)
    return (
      <>
        {tie}
        <p>There is no newer version of it to take anything over from.</p>
      </>
    );
  const taken: Recipe = {
    ...merged,
    parent: { ...parent, name: newest.content.name, version: newest.number },
  };
  return (
    <div className="take-over">
      {tie}
      <p>
        Version {newest.number} of it is newer
        {differences.length === 0 && ', and changes nothing this variant does not have'}.
      </p>
      {table}
      <ReasonButton
        variant="next"
        why={isRight ? null : 'What is chosen makes no whole recipe: choose otherwise.'}
        onClick={() => edit(taken, `take over ${newest.number} ${Date.now()}`)}
      >
        Take over what is chosen
      </ReasonButton>
    </div>
  );
}
