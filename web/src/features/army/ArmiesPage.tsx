import { useMayCreate } from '../../data/club/standing';
import { IfMayCreate } from '../../kit/club/IfMay';
import { counted } from '@yellow-ledger/core';
import Button from 'react-bootstrap/Button';
import { useNavigate, Link } from 'react-router';
import { useRecords } from '../../data/useCollections';
import { useWriter } from '../../data/useWriter';
import { EmptyPage } from '../../kit/EmptyPage';
import { FetchProblem } from '../../kit/FetchProblem';
import { useShortcut } from '../../kit/keyboard/useShortcut';
import { Grid } from '../../kit/Grid';
import { lastLeaf } from '../../kit/hooks/lastLeaf';
import { PageHead } from '../../kit/PageHead';
import { SampleButton } from '../../kit/paint/SampleButton';
import { newArmy } from './newArmy';
import { PageWait } from '../../kit/PageWait';
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
  const mayWrite = useMayCreate('armies');
  useShortcut('n', () => mayWrite && write());
  if (isLoading) return <PageWait title="Armies">Fetching the armies …</PageWait>;
  return (
    <div className="page">
      <PageHead title="Armies">
        <IfMayCreate kind="armies">
          <Button variant="next" onClick={() => write()}>
            Write a new army
          </Button>
        </IfMayCreate>
      </PageHead>
      {error && <FetchProblem error={error} onRetry={refetch} />}
      {kept?.length === 0 && (
        <EmptyPage
          shows="armies"
          words="An army holds its units, what each figure is made of, and the recipes its surfaces are painted by. From that the ledger reckons the paint it takes."
        >
          <SampleButton />
        </EmptyPage>
      )}
      <ul className="ruled army-list">
        {kept?.map(({ content: { id, name, units } }) => (
          <Grid as="li" key={id} columns="minmax(9rem, 14rem) minmax(8rem, 14rem) minmax(0, 1fr)">
            <b>
              <Link to={lastLeaf.of(`/armies/${id}`)} dir="auto">
                {name}
              </Link>
            </b>
            <span>
              {counted(units.length, 'unit')},{' '}
              {counted(
                units.reduce((sum, { models }) => sum + models, 0),
                'model',
              )}
            </span>
            <small dir="auto">{units.map((unit) => unit.name).join(', ')}</small>
          </Grid>
        ))}
      </ul>
    </div>
  );
}
