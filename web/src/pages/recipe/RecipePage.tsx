import { Link, useParams } from 'react-router';
import { useRecords } from '../../ledger/useParts';
import { useShelf } from '../../workers/useShelf';
import { leaves } from './RecipeLeaves';
import { RecipeSheet } from './RecipeSheet';
import { useDraft, useLeaving } from './useDraft';

export default function RecipePage() {
  const { recipeId = '', leaf = '' } = useParams();
  const leafPath = leaves.find(({ path }) => path === leaf)?.path ?? '';
  const { pots } = useShelf();
  const { error, refetch } = useRecords('recipes');
  const draft = useDraft(recipeId);
  useLeaving(recipeId);
  if (draft === null)
    return (
      <div className="page-fault">
        <h1>This recipe is not here</h1>
        <p>There is no recipe here; it may have been deleted.</p>
        <p>
          <Link to="/recipes">To the recipes</Link>
        </p>
      </div>
    );
  if (!draft && error)
    return (
      <div className="page-fault">
        <h1>The recipe could not be fetched</h1>
        <p>{error.message}</p>
        <p>
          <Link to="/recipes">To the recipes</Link> ·{' '}
          <button type="button" className="plain-button" onClick={() => refetch()}>
            Try again
          </button>
        </p>
      </div>
    );
  if (!draft || !pots) return <p className="page-wait">Opening the recipe …</p>;
  return <RecipeSheet key={recipeId} draft={draft} pots={pots} leaf={leafPath} />;
}
