import { isSameContent, type Version } from '@yellow-ledger/core';
import { format } from 'date-fns';
import Button from 'react-bootstrap/Button';
import { Link } from 'react-router';
import { useVersions } from '../../../../data/useVersions';
import { FetchProblem } from '../../../../kit/FetchProblem';
import { useRecipeRows } from '../../../../workers/useRecipeRows';
import type { LeafProps } from '../../leafProps';
import { useEditRecipe } from '../../useDraft';
import { CompareVersions } from './CompareVersions';
import { ForkForm } from './ForkForm';
import { FreezeForm } from './FreezeForm';
import { TakeOver } from './TakeOver';
import './versionsLeaf.scss';

const none: Version[] = [];

/** The frozen versions of a recipe, what differs between any two, and its variants. */
export default function VersionsLeaf({ draft, words, pots }: LeafProps) {
  const recipe = draft.recipe;
  const { versions = none, error, refetch } = useVersions(recipe.id);
  const { rows } = useRecipeRows();
  const edit = useEditRecipe(recipe.id);
  const variants = rows?.filter(({ parentId }) => parentId === recipe.id) ?? [];
  return (
    <section className="versions-leaf" aria-label="Versions">
      {error && <FetchProblem error={error} onRetry={refetch} />}
      <div className="columns">
        <div>
          <h2>Versions</h2>
          <p>
            A version never changes again. Models painted after it point at it.{' '}
            <Link to={`/history/recipes/${recipe.id}`}>Earlier moments of this recipe</Link> are
            kept too.
          </p>
          <ol className="ruled">
            {versions.map(({ number, note, frozenAt, content }) => (
              <li key={number}>
                <b>Version {number}</b> · {format(new Date(frozenAt), 'd MMM yyyy, HH:mm')}
                {note && <span dir="auto"> · {note}</span>}{' '}
                {isSameContent(content, recipe) ? (
                  <span>· as the page is now</span>
                ) : (
                  <Button
                    variant="plain"
                    onClick={() => edit(content, `restore ${number} ${Date.now()}`)}
                  >
                    Restore this version
                  </Button>
                )}
              </li>
            ))}
          </ol>
          <FreezeForm draft={draft} versions={versions} />
        </div>
        <div>
          <h2>Variants</h2>
          <p>
            A variant is a recipe of its own that stays linked: clean and worn, living and dead,
            warm and cold.
          </p>
          <ul className="ruled">
            {variants.map(({ id, name }) => (
              <li key={id}>
                <Link to={`/recipes/${id}`} dir="auto">
                  {name}
                </Link>
              </li>
            ))}
          </ul>
          <ForkForm draft={draft} versions={versions} />
          {recipe.parent && <TakeOver recipe={recipe} parent={recipe.parent} words={words} />}
        </div>
      </div>
      <CompareVersions recipe={recipe} versions={versions} pots={pots} />
    </section>
  );
}
