import {
  endOfPlan,
  type Army,
  type Batch,
  type PlannedWork,
  type Session,
} from '@yellow-ledger/core';
import Button from 'react-bootstrap/Button';
import { useState } from 'react';
import { useWriter } from '../../../data/useWriter';
import { ActionBar } from '../../../kit/ActionBar';
import { ofWhatIsPainted } from '../../../workers/parts';
import { useAnswer } from '../../../workers/useAnswer';
import { eveningChanges, type EveningChange } from './eveningChanges';
import { dayWords, hoursWords } from './planTimes';
import { eveningsOn } from './rhythm';

export interface EveningChangesProps {
  army: Army;
  batch: Batch;
  session: Session;
  plan: PlannedWork;
}

const lookedOn = 60;

/** It comes otherwise than planned: one press each, with what it does to the end said before it is done. */
export function EveningChanges({ army, batch, session, plan }: EveningChangesProps) {
  const [asked, setAsked] = useState<EveningChange | null>(null);
  return (
    <div className="no-print">
      <div className="flow">
        {eveningChanges(batch, session).map((change) => (
          <Button
            key={change.label}
            variant="plain"
            aria-pressed={asked?.label === change.label}
            onClick={() => setAsked(asked?.label === change.label ? null : change)}
          >
            {change.label}
          </Button>
        ))}
      </div>
      {asked && (
        <AskedChange
          key={asked.label}
          army={army}
          asked={asked}
          plan={plan}
          onDone={() => setAsked(null)}
        />
      )}
    </div>
  );
}

interface AskedChangeProps {
  army: Army;
  asked: EveningChange;
  plan: PlannedWork;
  onDone: () => void;
}

function AskedChange({ army, asked: { label, next }, plan, onDone }: AskedChangeProps) {
  const writer = useWriter();
  const { answer } = useAnswer(
    ofWhatIsPainted,
    [JSON.stringify([army.units, army.scheme, next])],
    async (worker) => await worker.planOnwards(army, next, eveningsOn(next.sessions, lookedOn)),
  );
  const before = endOfPlan(plan);
  const day = (moment: number | null) => (moment === null ? 'no day in sight' : dayWords(moment));
  return (
    <div role="status" className="stacked">
      <p>
        {!answer
          ? 'Planning it …'
          : [
              before.endsAt !== null &&
              answer.endsAt !== null &&
              dayWords(before.endsAt) === dayWords(answer.endsAt)
                ? `It is still done on ${dayWords(answer.endsAt)}.`
                : `It is done on ${day(answer.endsAt)} instead of ${day(before.endsAt)}.`,
              `That is ${answer.sessions === 1 ? '1 session' : `${answer.sessions} sessions`}, about ${hoursWords(answer.minutes)} of painting.`,
              'All that is noted as painted stays so.',
            ].join(' ')}
      </p>
      <ActionBar>
        <Button
          variant="next"
          size="sm"
          onClick={() => {
            writer.change('armies', army.id, label.toLowerCase(), (now) => ({
              ...now,
              ...(now.plans && {
                plans: now.plans.map((each) => (each.id === next.id ? next : each)),
              }),
            }));
            onDone();
          }}
        >
          Do it
        </Button>
        <Button variant="plain" onClick={onDone}>
          Cancel
        </Button>
      </ActionBar>
    </div>
  );
}
