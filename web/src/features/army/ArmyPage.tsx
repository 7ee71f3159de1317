import { counted, type Army } from '@yellow-ledger/core';
import { Link, useParams } from 'react-router';
import { useRecords } from '../../data/useCollections';
import { useWriter } from '../../data/useWriter';
import { UnlessMine } from '../../kit/club/UnlessMine';
import { WhoseBar } from '../../kit/club/WhoseBar';
import { FetchProblem } from '../../kit/FetchProblem';
import { Tabs } from '../../kit/Tabs';
import { NameField } from '../../kit/field/NameField';
import { PageHead } from '../../kit/PageHead';
import { UnsavedMark } from '../../kit/saving/UnsavedMark';
import { useShelf } from '../../workers/useShelf';
import { ArmyPaintLeaf } from './ArmyPaintLeaf';
import type { ChangeArmy } from './changeArmy';
import { ChangesLeaf } from './changes/ChangesLeaf';
import { OrderLeaf } from './OrderLeaf';
import { PlanLeaf } from './plan/PlanLeaf';
import { ReadingsLeaf } from './readings/ReadingsLeaf';
import { SchemeTable } from './units/SchemeTable';
import { SheetLeaf } from './SheetLeaf';
import { TogetherLeaf } from './TogetherLeaf';
import { UnitList } from './units/UnitList';
import { VariantsLeaf } from './VariantsLeaf';
import { PageWait } from '../../kit/PageWait';
import './army.scss';

/** One army: its units and their scheme, and on its leaves what follows from them. */
export default function ArmyPage() {
  const { armyId = '', leaf } = useParams();
  const { kept: armies, isLoading, error, refetch } = useRecords('armies');
  const army = armies?.find(({ content }) => content.id === armyId)?.content;
  if (isLoading) return <PageWait title="Army">Fetching the army …</PageWait>;
  if (!army && error) return <FetchProblem error={error} onRetry={refetch} />;
  if (!army)
    return (
      <p className="page-wait">
        There is no such army here; it may have been deleted.{' '}
        <Link to="/armies">To the armies</Link>
      </p>
    );
  return <ArmySheet key={armyId} army={army} leaf={leaf} />;
}

function ArmySheet({ army, leaf }: { army: Army; leaf: string | undefined }) {
  const { pots } = useShelf();
  const writer = useWriter();
  const change: ChangeArmy = (label, next) => writer.change('armies', army.id, label, next);
  const models = army.units.reduce((sum, unit) => sum + unit.models, 0);
  return (
    <div className="page">
      <PageHead
        title={army.name}
        name={
          <NameField
            label="Army"
            name={army.name}
            onName={(name) =>
              change(`call ${army.name} ${name}`, (before) => ({ ...before, name }))
            }
          />
        }
      >
        <p>
          {counted(army.units.length, 'unit')}, {counted(models, 'model')} ·{' '}
          <Link to={`/history/armies/${army.id}`}>History</Link>
        </p>
      </PageHead>
      <WhoseBar kind="armies" id={army.id} />
      <Tabs label="Tabs of the army" at={`/armies/${army.id}`} leaves={leaves} />
      <UnsavedMark name="armies" id={army.id} />
      {leaf === undefined && (
        <UnlessMine kind="armies" id={army.id}>
          <SchemeTable army={army} change={change} />
          <UnitList army={army} change={change} />
        </UnlessMine>
      )}
      {pots && leaf === 'variants' && (
        <UnlessMine kind="armies" id={army.id}>
          <VariantsLeaf army={army} change={change} />
        </UnlessMine>
      )}
      {pots && leaf === 'together' && <TogetherLeaf army={army} pots={pots} />}
      {pots && leaf === 'order' && (
        <UnlessMine kind="armies" id={army.id}>
          <OrderLeaf army={army} change={change} />
        </UnlessMine>
      )}
      {pots && leaf === 'sheet' && <SheetLeaf army={army} pots={pots} />}
      {pots && leaf === 'paint' && <ArmyPaintLeaf army={army} pots={pots} />}
      {pots && leaf === 'plan' && <PlanLeaf army={army} pots={pots} change={change} />}
      {pots && leaf === 'readings' && <ReadingsLeaf army={army} pots={pots} />}
      {pots && leaf === 'changes' && (
        <UnlessMine kind="armies" id={army.id}>
          <ChangesLeaf army={army} change={change} />
        </UnlessMine>
      )}
    </div>
  );
}

const leaves = [
  { path: '', label: 'Units' },
  { path: 'variants', label: 'Variants' },
  { path: 'together', label: 'Together' },
  { path: 'order', label: 'Order of work' },
  { path: 'sheet', label: 'Sheet' },
  { path: 'paint', label: 'Paint needed' },
  { path: 'plan', label: 'Plan' },
  { path: 'readings', label: 'On recipe' },
  { path: 'changes', label: 'Changes' },
];
