import { useParams } from 'react-router';
import { useRecord, useRecords } from '../../ledger/useParts';
import { EmptyPage } from '../../parts/EmptyPage';
import { FetchProblem } from '../../parts/FetchProblem';
import { LinkButton } from '../../parts/LinkButton';
import { PhotographSheet } from './PhotographSheet';
import { PageWait } from '../../parts/PageWait';

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
  if (!kept) return <PageWait>Opening the photograph …</PageWait>;
  return <PhotographSheet key={photographId} photograph={kept.content} />;
}
