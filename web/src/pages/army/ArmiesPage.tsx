import { useNavigate, Link } from 'react-router';
import { FetchProblem } from '../../parts/FetchProblem';
import { useShortcut } from '../../parts/keyboard/useShortcut';
import { SampleButton } from '../../parts/SampleButton';
import { useRecords } from '../../ledger/useParts';
import { useWriter } from '../../ledger/useWriter';
import { newArmy } from './newArmy';
import './army.scss';

/** The armies, each with its units. */
export default function ArmiesPage() {
  const { kept, isLoading, error, refetch } = useRecords('armies');
  const writer = useWriter();
  const navigate = useNavigate();
  const write = () => {
    const army = newArmy();
    writer.create('armies', 'write a new army', army);
    void navigate(`/armies/${army.id}`);
  };
  useShortcut('n', () => write());
  if (isLoading) return <p className="page-wait">Fetching the armies …</p>;
  const armies = kept ?? [];
  return (
    <div className="page">
      <div className="page-head">
        <h1>Armies</h1>
        <button type="button" className="next-button" onClick={() => write()}>
          Write a new army
        </button>
      </div>
      {error && <FetchProblem error={error} onRetry={refetch} />}
      {armies.length === 0 && !error && (
        <div className="empty-page">
          <p>
            An army holds its units, what each figure is made of, and the recipes its surfaces are
            painted by. From that the ledger reckons the paint it takes.
          </p>
          <div className="empty-actions">
            <SampleButton />
          </div>
        </div>
      )}
      <ul className="army-list">
        {armies.map(({ content: { id, name, units } }) => (
          <li key={id}>
            <Link to={`/armies/${id}`} dir="auto">
              {name}
            </Link>
            <span>
              {units.length} {units.length === 1 ? 'unit' : 'units'},{' '}
              {units.reduce((sum, { models }) => sum + models, 0)} models
            </span>
            <small dir="auto">{units.map((unit) => unit.name).join(', ')}</small>
          </li>
        ))}
      </ul>
    </div>
  );
}
