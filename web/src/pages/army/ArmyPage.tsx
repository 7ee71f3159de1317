import type { Army } from '@yellow-ledger/core';
import { Link, NavLink, useParams } from 'react-router';
import { FetchProblem } from '../../parts/FetchProblem';
import { NameField } from '../../parts/NameField';
import { UnsavedMark } from '../../parts/UnsavedMark';
import { useDeedQueue } from '../../store/deeds/useDeedQueue';
import { useArmiesQuery } from '../../store/ledgerApi';
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
  const { data, isLoading, error, refetch } = useArmiesQuery();
  const kept = data?.find(({ content }) => content.id === armyId)?.content ?? null;
  if (isLoading) return <p className="page-wait">Fetching the army …</p>;
  if (error) return <FetchProblem error={error} onRetry={() => void refetch()} />;
  if (!kept)
    return (
      <p className="page-wait">
        There is no such army here; it may have been deleted.{' '}
        <Link to="/armies">To the armies</Link>
      </p>
    );
  return (
    <ArmySheet
      key={armyId}
      kept={kept}
      leaf={leaf}
      refetch={async () =>
        (await refetch()).data?.find(({ content }) => content.id === armyId)?.content ?? null
      }
    />
  );
}

function ArmySheet({
  kept,
  leaf,
  refetch,
}: {
  kept: Army;
  leaf: string | undefined;
  refetch: () => Promise<Army | null>;
}) {
  const { pots } = useShelf();
  const { shown, act, now, isUnsaved, saveNow } = useDeedQueue<Army>(
    'armies',
    kept.id,
    kept,
    refetch,
  );
  const army = shown ?? kept;
  const change: ChangeArmy = (label, next) => act(label, next(now() ?? kept));
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
      <UnsavedMark isUnsaved={isUnsaved} onRetry={saveNow} />
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
