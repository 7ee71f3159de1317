import { isSameContent, type Recipe } from '@yellow-ledger/core';
import { Link } from 'react-router';
import { useVersions } from '../../data/useVersions';

/** Which version the page stands at, and what it is a variant of. */
export function VersionMark({ recipe, revision }: { recipe: Recipe; revision: number }) {
  const { versions } = useVersions(recipe.id);
  const last = versions?.at(-1);
  const standing = !last
    ? `Draft, revision ${revision}`
    : isSameContent(last.content, recipe)
      ? `Version ${last.number}`
      : `Draft after version ${last.number}`;
  return (
    <span className="quiet">
      <Link to={`/recipes/${recipe.id}/versions`}>{standing}</Link>
      {recipe.parent && (
        <>
          {' · variant of '}
          <Link to={`/recipes/${recipe.parent.recipeId}`} dir="auto">
            {recipe.parent.name}
          </Link>
        </>
      )}
    </span>
  );
}
