import { Link, useParams } from 'react-router';
import { Tabs } from '../../kit/Tabs';
import { PageHead } from '../../kit/PageHead';
import { useShelf } from '../../workers/useShelf';
import { FiguresLeaf } from './FiguresLeaf';
import { ProgressLeaf } from './ProgressLeaf';
import { SessionsLeaf } from './SessionsLeaf';
import { PageWait } from '../../kit/PageWait';
import './log.scss';

const leaves = [
  { path: '', label: 'Sessions' },
  { path: 'progress', label: 'Progress' },
  { path: 'figures', label: 'My timings' },
];

/** The painted work: by day, by army, and the painter's own figures. */
export default function LogPage() {
  const { leaf } = useParams();
  const { pots } = useShelf();
  return (
    <div className="page">
      <PageHead title="Log">
        <Link to="/bench">To the bench</Link>
      </PageHead>
      <Tabs label="Tabs of the log" at="/log" leaves={leaves} />
      {!pots && <PageWait>Opening the log …</PageWait>}
      {pots && leaf === undefined && <SessionsLeaf pots={pots} />}
      {pots && leaf === 'progress' && <ProgressLeaf />}
      {pots && leaf === 'figures' && <FiguresLeaf />}
    </div>
  );
}
