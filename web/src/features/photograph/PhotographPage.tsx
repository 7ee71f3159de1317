import { useParams } from 'react-router';
import { useRecord, useRecords } from '../../data/useCollections';
import { EmptyPage } from '../../kit/EmptyPage';
import { FetchProblem } from '../../kit/FetchProblem';
import { LinkButton } from '../../kit/LinkButton';
import { PhotographSheet } from './PhotographSheet';
import { PageWait } from '../../kit/PageWait';

/** One photograph as a map of light, beside what a recipe makes of light. */
export default function PhotographPage() {
  const { photographId = '' } = useParams();
  const { error, refetch } = useRecords('photographs');
  const kept = useRecord('photographs', photographId);
  if (kept === null)
    return (
      <EmptyPage
        title="This photograph is not here"
        words="There is no photograph here; it may have been deleted."
      >
        <LinkButton to="/recipes">To the recipes</LinkButton>
      </EmptyPage>
    );
  if (!kept && error) return <FetchProblem error={error} onRetry={refetch} />;
  if (!kept) return <PageWait title="Photograph">Opening the photograph …</PageWait>;
  return <PhotographSheet key={photographId} photograph={kept.content} />;
}
