import type { Army } from '@yellow-ledger/core';
import { Link, NavLink, useParams } from 'react-router';
import { FetchProblem } from '../../parts/FetchProblem';
import { NameField } from '../../parts/NameField';
import { UnsavedMark } from '../../parts/UnsavedMark';
import { useDeedQueue } from '../../store/deeds/useDeedQueue';
import { useArmiesQuery } from '../../store/ledgerApi';
import { useShelf } from '../../workers/useShelf';
import { ArmyPaintLeaf } from './ArmyPaintLeaf';
import type { ChangeArmy } from './changeArmy';
import { SchemeTable } from './SchemeTable';
import { UnitList } from './UnitList';
import '../../parts/shelfTabs.scss';
import './army.scss';

/** One army: its units and their scheme, or the paint it takes. */
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
  const { shown, act, now, isUnsaved, saveNow } = useDeedQueue<Army>('armies', kept.id, kept, refetch);
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
        <NavLink to={`/armies/${army.id}/paint`}>Paint needed</NavLink>
      </nav>
      <UnsavedMark isUnsaved={isUnsaved} onRetry={saveNow} />
      {leaf === 'paint' ? (
        pots && <ArmyPaintLeaf army={army} pots={pots} />
      ) : (
        <>
          <SchemeTable army={army} change={change} />
          <UnitList army={army} change={change} />
        </>
      )}
    </div>
  );
}
