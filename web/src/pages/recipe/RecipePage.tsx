import { useParams } from 'react-router';
import { useRecords } from '../../ledger/useParts';
import { EmptyPage } from '../../parts/EmptyPage';
import { FetchProblem } from '../../parts/FetchProblem';
import { LinkButton } from '../../parts/LinkButton';
import { useShelf } from '../../workers/useShelf';
import { leaves } from './RecipeLeaves';
import { RecipeSheet } from './RecipeSheet';
import { useDraft, useLeaving } from './useDraft';
import { PageWait } from '../../parts/PageWait';

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
  if (!draft || !pots) return <PageWait>Opening the recipe …</PageWait>;
  return <RecipeSheet key={recipeId} draft={draft} pots={pots} leaf={leafPath} />;
}
