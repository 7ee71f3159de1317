import { Link, NavLink, useParams } from 'react-router';
import { useShelf } from '../../workers/useShelf';
import { FiguresLeaf } from './FiguresLeaf';
import { ProgressLeaf } from './ProgressLeaf';
import { SittingsLeaf } from './SittingsLeaf';
import '../../parts/shelfTabs.scss';
import './log.scss';

/** What was really done: by day, by army, and what it says of the painter. */
export default function LogPage() {
  const { leaf } = useParams();
  const { pots } = useShelf();
  return (
    <div className="page">
      <div className="page-head">
        <h1>Log</h1>
        <Link to="/bench">To the bench</Link>
      </div>
      <nav className="shelf-tabs" aria-label="Leaves of the log">
        <NavLink end to="/log">
          Sittings
        </NavLink>
        <NavLink to="/log/progress">Progress</NavLink>
        <NavLink to="/log/figures">Own figures</NavLink>
      </nav>
      {!pots && <p className="page-wait">Opening the log …</p>}
      {pots && leaf === undefined && <SittingsLeaf pots={pots} />}
      {pots && leaf === 'progress' && <ProgressLeaf />}
      {pots && leaf === 'figures' && <FiguresLeaf />}
    </div>
  );
}
