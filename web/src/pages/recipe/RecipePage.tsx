import { useEffect } from 'react';
import { Link, useParams } from 'react-router';
import { closeDraft, openDraft } from '../../store/draft/draftAutosave';
import { asProblem, useRecipeQuery } from '../../store/ledgerApi';
import { useAppDispatch, useAppSelector } from '../../store/store';
import { useShelf } from '../../workers/useShelf';
import { leaves } from './RecipeLeaves';
import { RecipeSheet } from './RecipeSheet';

export default function RecipePage() {
  const { recipeId = '', leaf = '' } = useParams();
  const leafPath = leaves.find(({ path }) => path === leaf)?.path ?? '';
  const { pots } = useShelf();
  const { data, error, refetch } = useRecipeQuery(recipeId, { refetchOnMountOrArgChange: true });
  const draft = useAppSelector((state) => state.draft.open);
  const dispatch = useAppDispatch();
  const isFetched = data?.content.id === recipeId;

  useEffect(() => {
    if (!isFetched || !data) return;
    dispatch(openDraft(data));
    return () => dispatch(closeDraft());
    // Opened once per visit: what is saved later is known without fetching it again.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [dispatch, recipeId, isFetched]);

  if (error && !data) {
    const { message, status } = asProblem(error);
    return (
      <div className="page-fault">
        <h1>{status === 404 ? 'This recipe is not here' : 'The recipe could not be fetched'}</h1>
        <p>{message}</p>
        <p>
          <Link to="/recipes">To the recipes</Link>
          {status !== 404 && (
            <>
              {' '}
              ·{' '}
              <button type="button" className="plain-button" onClick={() => void refetch()}>
                Try again
              </button>
            </>
          )}
        </p>
      </div>
    );
  }
  if (draft?.history.present.id !== recipeId || !pots)
    return <p className="page-wait">Opening the recipe …</p>;
  return <RecipeSheet draft={draft} pots={pots} leaf={leafPath} />;
}
