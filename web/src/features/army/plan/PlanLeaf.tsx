import type { Army, Batch, Pot } from '@yellow-ledger/core';
import Button from 'react-bootstrap/Button';
import { useState } from 'react';
import { ReasonButton } from '../../../kit/ReasonButton';
import { useMay } from '../../../data/club/standing';
import { useWriter } from '../../../data/useWriter';
import { Select } from '../../../kit/Select';
import { IfMay } from '../../../kit/club/IfMay';
import { EmptyPage } from '../../../kit/EmptyPage';
import { LinkButton } from '../../../kit/LinkButton';
import type { ChangeArmy } from '../changeArmy';
import { newBatch } from './newBatch';
import { PlanAnswer } from './PlanAnswer';
import { PlanEditor } from './PlanEditor';
import { PlanResult } from './PlanResult';
import { usePlan } from './usePlan';
import './plan.scss';

export interface PlanLeafProps {
  army: Army;
  pots: Pot[];
  change: ChangeArmy;
}

/** Plans of an army: which models, who, when, and what comes of it. */
export function PlanLeaf({ army, pots, change }: PlanLeafProps) {
  const writer = useWriter();
  const plans = army.plans ?? [];
  const [chosenId, setChosenId] = useState('');
  const [freshId, setFreshId] = useState('');
  const batch = plans.find(({ id }) => id === chosenId) ?? plans.at(-1);
  const put = (label: string, next: (plans: Batch[]) => Batch[]) =>
    change(label, (before) => ({ ...before, plans: next(before.plans ?? []) }));
  const putOne = (label: string, next: Batch) =>
    put(label, (before) => before.map((each) => (each.id === next.id ? next : each)));
  const add = () => {
    const fresh = newBatch(plans.length, new Date());
    put(`begin ${fresh.name}`, (before) => [...before, fresh]);
    setChosenId(fresh.id);
    setFreshId(fresh.id);
  };
  if (!batch)
    return (
      <EmptyPage
        shows="plan"
        words="A plan takes models, painters and evenings, and says who paints what when: what dries while something else is painted, what to prepare, and what will be left wet."
      >
        <IfMay to="write" kind="armies" id={army.id}>
          <Button variant="next" onClick={add}>
            Begin a plan
          </Button>
        </IfMay>
      </EmptyPage>
    );
  return (
    <div className="stacked">
      <div className="flow no-print">
        <Select label="Plan" value={batch.id} onChoose={setChosenId} options={plans} />
        <LinkButton to={`/bench?plan=${batch.id}`}>To the bench</LinkButton>
        <IfMay to="write" kind="armies" id={army.id}>
          <ReasonButton
            variant="outline"
            why={plans.length >= 20 ? 'An army has at most 20 plans: delete one first.' : null}
            onClick={add}
          >
            Begin another plan
          </ReasonButton>
        </IfMay>
      </div>
      <OnePlan
        key={batch.id}
        army={army}
        batch={batch}
        pots={pots}
        isFresh={batch.id === freshId}
        onPut={putOne}
        onDelete={() => {
          put(`delete ${batch.name}`, (before) => before.filter(({ id }) => id !== batch.id));
          writer.write('timetables', batch.id, null, { whenStale: 'theirs' });
        }}
      />
    </div>
  );
}

interface OnePlanProps {
  army: Army;
  batch: Batch;
  pots: Pot[];
  isFresh: boolean;
  onPut: (label: string, batch: Batch) => void;
  onDelete: () => void;
}

/** The answer first, the settings folded below it, and then the evenings. */
function OnePlan({ army, batch, pots, isFresh, onPut, onDelete }: OnePlanProps) {
  const planning = usePlan(army, batch);
  const mayWrite = useMay('armies', army.id)('write');
  return (
    <>
      <PlanAnswer
        army={army}
        batch={batch}
        work={planning.timetable?.work ?? null}
        problem={planning.problem}
        mayWrite={mayWrite}
        onPut={onPut}
      />
      <PlanEditor
        army={army}
        batch={batch}
        isFresh={isFresh}
        onPut={(next) => onPut(`edit ${next.name}`, next)}
        onDelete={onDelete}
      />
      <PlanResult army={army} batch={batch} pots={pots} planning={planning} />
    </>
  );
}
