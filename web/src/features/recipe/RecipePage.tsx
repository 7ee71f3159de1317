import { useParams } from 'react-router';
import { useRecords } from '../../data/useCollections';
import { EmptyPage } from '../../kit/EmptyPage';
import { FetchProblem } from '../../kit/FetchProblem';
import { LinkButton } from '../../kit/LinkButton';
import { useShelf } from '../../workers/useShelf';
import { leaves } from './RecipeLeaves';
import { RecipeSheet } from './RecipeSheet';
import { useDraft, useLeaving } from './useDraft';
import { PageWait } from '../../kit/PageWait';

export { askedLeaf } from './RecipeSheet';

export default function RecipePage() {
  const { recipeId = '', leaf = '' } = useParams();
  const leafPath = leaves.find(({ path }) => path === leaf)?.path ?? '';
  const { pots } = useShelf();
  const { error, refetch } = useRecords('recipes');
  const draft = useDraft(recipeId);
  useLeaving(recipeId);
  if (draft === null)
    return (
      <EmptyPage
        title="This recipe is not here"
        words="There is no recipe here; it may have been deleted."
      >
        <LinkButton to="/recipes">To the recipes</LinkButton>
      </EmptyPage>
    );
  if (!draft && error) return <FetchProblem error={error} onRetry={() => void refetch()} />;
  if (!draft || !pots) return <PageWait title="Recipe">Opening the recipe …</PageWait>;
  return <RecipeSheet key={recipeId} draft={draft} pots={pots} leaf={leafPath} />;
}
