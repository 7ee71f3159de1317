import { type Army, type Bench, type ModelRange } from '@yellow-ledger/core';
import Button from 'react-bootstrap/Button';
import { useState } from 'react';
import { useSearchParams } from 'react-router';
import { useRecords } from '../../data/useCollections';
import { useVersions } from '../../data/useVersions';
import { Select } from '../../kit/Select';
import { CountField } from '../../kit/field/CountField';
import { ModelRanges } from '../../kit/models/ModelRanges';
import { versionOptions } from '../../kit/words/versionOptions';
import { benchOfArmy, benchOfPlan, benchOfRecipe } from '../../kit/paint/benchRecord';

export interface NewBenchProps {
  armies: readonly Army[];
  /** nothing stands on the table, so this is the next thing to do */
  isNext: boolean;
  onBench: (bench: Bench) => void;
}

type Source = 'army' | 'plan' | 'recipe';

/** Puts models on the bench: of an army, of one of its plans, or one recipe on models of its own. */
export function NewBench({ armies, isNext, onBench }: NewBenchProps) {
  const [asked] = useSearchParams();
  const [source, setSource] = useState<Source>(sourceAsked(asked, armies));
  return (
    <section className="stacked new-bench" aria-label="Put something on the bench">
      <h2>Put something on the bench</h2>
      <Select label="What" value={source} onChoose={setSource}>
        <option value="army" disabled={armies.length === 0}>
          models of an army
        </option>
        <option value="plan" disabled={!armies.some(({ plans }) => plans?.length)}>
          what a plan takes together
        </option>
        <option value="recipe">one recipe on models of its own</option>
      </Select>
      {source === 'army' && armies.length > 0 && (
        <FromArmy armies={armies} isNext={isNext} onBench={onBench} />
      )}
      {source === 'plan' && <FromPlan armies={armies} isNext={isNext} onBench={onBench} />}
      {source === 'recipe' && <FromRecipe isNext={isNext} onBench={onBench} />}
    </section>
  );
}

function sourceAsked(asked: URLSearchParams, armies: readonly Army[]): Source {
  if (asked.has('recipe')) return 'recipe';
  if (asked.has('plan')) return 'plan';
  return armies.length > 0 ? 'army' : 'recipe';
}

function FromArmy({ armies, isNext, onBench }: NewBenchProps) {
  const [asked] = useSearchParams();
  const [armyId, setArmyId] = useState(asked.get('army') ?? armies[0].id);
  const army = armies.find(({ id }) => id === armyId) ?? armies[0];
  const [ranges, setRanges] = useState<ModelRange[]>(() => rangesOf(army, asked.get('unit')));
  return (
    <>
      <Select
        label="Army"
        value={army.id}
        onChoose={(id) => {
          setArmyId(id);
          setRanges(rangesOf(armies.find((each) => each.id === id) ?? army, null));
        }}
        options={armies}
      />
      <ModelRanges
        legend="Models"
        noneMeans="all of the army"
        army={army}
        ranges={ranges}
        onRanges={setRanges}
      />
      <Lay isNext={isNext} onLay={() => onBench(benchOfArmy(army, ranges))} />
    </>
  );
}

function rangesOf({ units }: Army, unitId: string | null): ModelRange[] {
  const unit = units.find(({ id }) => id === unitId) ?? units.at(0);
  return unit ? [{ unitId: unit.id, from: 1, to: Math.min(unit.models, usualBatch) }] : [];
}

/** As many as stand on a table without being in the way. */
const usualBatch = 10;

function FromPlan({ armies, isNext, onBench }: NewBenchProps) {
  const [asked] = useSearchParams();
  const plans = armies.flatMap((army) => (army.plans ?? []).map((plan) => ({ army, plan })));
  const [planId, setPlanId] = useState(asked.get('plan') ?? '');
  const chosen = plans.find(({ plan }) => plan.id === planId) ?? plans.at(0);
  const [painterId, setPainterId] = useState('');
  if (!chosen) return <p>No army has a plan yet.</p>;
  const claiming = chosen.plan.painters.filter(({ claims }) => claims.length > 0);
  return (
    <>
      <Select
        label="Plan"
        value={chosen.plan.id}
        onChoose={setPlanId}
        options={plans.map(({ army, plan }) => ({
          id: plan.id,
          name: `${plan.name}, ${army.name}`,
        }))}
      />
      {claiming.length > 0 && (
        <Select
          label="Models of"
          value={painterId}
          onChoose={setPainterId}
          options={[
            { id: '', name: 'everybody' },
            ...claiming.map(({ id, name }) => ({ id, name: `${name} only` })),
          ]}
        />
      )}
      <Lay
        isNext={isNext}
        onLay={() => onBench(benchOfPlan(chosen.army, chosen.plan, painterId))}
      />
    </>
  );
}

const mostModels = 200;

function FromRecipe({ isNext, onBench }: Omit<NewBenchProps, 'armies'>) {
  const [asked] = useSearchParams();
  const { kept = [] } = useRecords('recipes');
  const inUse = kept.flatMap(({ content }) => (content.archived ? [] : [content]));
  const [recipeId, setRecipeId] = useState(asked.get('recipe') ?? '');
  const recipe = inUse.find(({ id }) => id === recipeId) ?? inUse.at(0);
  const { versions = [] } = useVersions(recipe?.id ?? '');
  const [version, setVersion] = useState('');
  const [counted, setCounted] = useState<number | null>(null);
  if (!recipe) return <p>There is no recipe yet.</p>;
  const models = counted ?? Math.min(mostModels, recipe.models);
  const lay = () => {
    const frozen = versions.find(({ number }) => String(number) === version);
    onBench(benchOfRecipe(frozen?.content ?? recipe, frozen?.number ?? null, models));
  };
  return (
    <>
      <Select label="Recipe" value={recipe.id} onChoose={setRecipeId} options={inUse} />
      <Select
        label="Version"
        value={version}
        onChoose={setVersion}
        options={versionOptions(versions)}
      />
      <CountField label="Models" value={models} least={1} most={mostModels} onCount={setCounted} />
      <Lay isNext={isNext} onLay={lay} />
    </>
  );
}

function Lay({ isNext, onLay }: { isNext: boolean; onLay: () => void }) {
  return (
    <Button variant={isNext ? 'next' : 'outline'} onClick={onLay}>
      Put it on the bench
    </Button>
  );
}
