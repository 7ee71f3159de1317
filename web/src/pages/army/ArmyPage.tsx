import type { Army } from '@yellow-ledger/core';
import { Link, NavLink, useParams } from 'react-router';
import { FetchProblem } from '../../parts/FetchProblem';
import { NameField } from '../../parts/NameField';
import { UnsavedMark } from '../../parts/UnsavedMark';
import { useRecords } from '../../ledger/useParts';
import { useWriter } from '../../ledger/useWriter';
import { useShelf } from '../../workers/useShelf';
import { ArmyPaintLeaf } from './ArmyPaintLeaf';
import { ChangesLeaf } from './ChangesLeaf';
import type { ChangeArmy } from './changeArmy';
import { OrderLeaf } from './OrderLeaf';
import { PlanLeaf } from './plan/PlanLeaf';
import { ReadingsLeaf } from './readings/ReadingsLeaf';
import { SchemeTable } from './SchemeTable';
import { TogetherLeaf } from './TogetherLeaf';
import { UnitList } from './UnitList';
import { VariantsLeaf } from './VariantsLeaf';
import '../../parts/shelfTabs.scss';
import './army.scss';

/** One army: its units and their scheme, and on its leaves what follows from them. */
export default function ArmyPage() {
  const { armyId = '', leaf } = useParams();
  const { kept: armies, isLoading, error, refetch } = useRecords('armies');
  const army = armies?.find(({ content }) => content.id === armyId)?.content;
  if (isLoading) return <p className="page-wait">Fetching the army …</p>;
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
      <div className="page-head army-head">
        <h1 className="visually-hidden">{army.name}</h1>
        <NameField
          label="Army"
          name={army.name}
          onName={(name) => change(`call ${army.name} ${name}`, (before) => ({ ...before, name }))}
        />
        <p>
          {army.units.length} {army.units.length === 1 ? 'unit' : 'units'}, {models} models
        </p>
      </div>
      <nav className="shelf-tabs" aria-label="Leaves of the army">
        <NavLink end to={`/armies/${army.id}`}>
          Units
        </NavLink>
        {leaves.map(({ path, label }) => (
          <NavLink key={path} to={`/armies/${army.id}/${path}`}>
            {label}
          </NavLink>
        ))}
      </nav>
      <UnsavedMark name="armies" id={army.id} />
      {leaf === undefined && (
        <>
          <SchemeTable army={army} change={change} />
          <UnitList army={army} change={change} />
        </>
      )}
      {pots && leaf === 'variants' && <VariantsLeaf army={army} pots={pots} change={change} />}
      {pots && leaf === 'together' && <TogetherLeaf army={army} pots={pots} />}
      {pots && leaf === 'order' && <OrderLeaf army={army} pots={pots} change={change} />}
      {pots && leaf === 'paint' && <ArmyPaintLeaf army={army} pots={pots} />}
      {pots && leaf === 'plan' && <PlanLeaf army={army} pots={pots} change={change} />}
      {pots && leaf === 'readings' && <ReadingsLeaf army={army} pots={pots} />}
      {pots && leaf === 'changes' && <ChangesLeaf army={army} pots={pots} change={change} />}
    </div>
  );
}

const leaves = [
  { path: 'variants', label: 'Variants' },
  { path: 'together', label: 'Together' },
  { path: 'order', label: 'Order of work' },
  { path: 'paint', label: 'Paint needed' },
  { path: 'plan', label: 'Plan' },
  { path: 'readings', label: 'On recipe' },
  { path: 'changes', label: 'Changes' },
];
