import { armyOnBench, type Army, type Bench, type Kept } from '@yellow-ledger/core';
import { Link, useParams } from 'react-router';
import { useRecords } from '../../data/useCollections';
import { FetchProblem } from '../../kit/FetchProblem';
import { useShelf } from '../../workers/useShelf';
import { BenchTable } from './BenchTable';
import { PageWait } from '../../kit/PageWait';
import './bench.scss';

/** The screen with wet hands: one bench. */
export default function BenchPage() {
  const { benchId = '' } = useParams();
  const { pots } = useShelf();
  const benches = useRecords('benches');
  const armies = useRecords('armies');
  const kept = benches.kept?.find(({ content }) => content.id === benchId);
  if (benches.isLoading || armies.isLoading || !pots)
    return <PageWait title="Bench">Opening the bench …</PageWait>;
  if (benches.error && !benches.kept)
    return <FetchProblem error={benches.error} onRetry={benches.refetch} />;
  if (!kept)
    return (
      <p className="page-wait">
        There is no such bench here; it may have been deleted.{' '}
        <Link to="/bench">To the benches</Link>
      </p>
    );
  const army = armyOf(kept, armies.kept?.map(({ content }) => content) ?? []);
  if (!army)
    return (
      <p className="page-wait">
        The army of this bench is gone. What was painted stays in the <Link to="/log">log</Link>.
      </p>
    );
  return <BenchTable key={benchId} bench={kept.content} army={army} pots={pots} />;
}

function armyOf({ content }: Kept<Bench>, armies: readonly Army[]): Army | null {
  return armyOnBench(content, armies.find(({ id }) => id === content.armyId) ?? null);
}
