import {
  counted,
  endOfPlan,
  spanOf,
  type Army,
  type Batch,
  type PlanEnd,
  type PlannedWork,
} from '@yellow-ledger/core';
import { endOfDay, isValid, parseISO } from 'date-fns';
import Button from 'react-bootstrap/Button';
import Form from 'react-bootstrap/Form';
import { useId, useMemo, useState } from 'react';
import { ofWhatIsPainted } from '../../../workers/parts';
import { useAnswer } from '../../../workers/useAnswer';
import { PlanWays } from './PlanWays';
import { dayWords, hoursWords } from './planTimes';
import { eveningsOn } from './rhythm';

export interface PlanAnswerProps {
  army: Army;
  batch: Batch;
  /** the plan as it is; null until there is one */
  work: PlannedWork | null;
  /** why there can be none, which is said where the plan would stand */
  problem: string | null;
  mayWrite: boolean;
  onPut: (label: string, batch: Batch) => void;
}

/** As many evenings after its own are looked at for when a plan will be done. */
const lookedOn = 60;

/** When it will be done, and what would bring that nearer. */
export function PlanAnswer({ army, batch, work, problem, mayWrite, onPut }: PlanAnswerProps) {
  const id = useId();
  const [asksWays, setAsksWays] = useState(false);
  const [openedAt] = useState(() => Date.now());
  const by = batch.doneBy ? endOfDay(parseISO(batch.doneBy)).getTime() : null;
  const more = useMemo(() => eveningsOn(batch.sessions, lookedOn), [batch.sessions]);
  const asked = JSON.stringify([army.units, army.scheme, batch]);
  const planned = work && endOfPlan(work);
  const endsAt = planned?.endsAt ?? null;
  const isInTime = endsAt !== null && (by === null || endsAt <= by);
  // Only a plan that is too late is asked how it would go on.
  const { answer } = useAnswer(
    ofWhatIsPainted,
    [asked, isInTime],
    async (worker) => await worker.planOnwards(army, batch, more),
    planned !== null && !isInTime,
  );
  const onwards = isInTime ? planned : answer;
  if (problem) return null;
  return (
    <section aria-label="When it will be done" className="stacked plan-answer">
      <p className="plan-answer-words" role="status">
        {!onwards
          ? 'Working out when it will be done …'
          : onwards.minutes === 0
            ? 'All of it is painted.'
            : answerWords(batch, onwards, isInTime, by)}
      </p>
      <div className="flow no-print">
        <Form.Label htmlFor={id}>To be done by</Form.Label>
        <Form.Control
          id={id}
          type="date"
          size="sm"
          className="plan-deadline"
          disabled={!mayWrite}
          value={batch.doneBy ?? ''}
          onChange={({ target }) => {
            const { doneBy: _before, ...rest } = batch;
            if (target.value === '') onPut('clear the day', rest);
            else if (isValid(parseISO(target.value)))
              onPut('set a day', { ...batch, doneBy: target.value });
          }}
        />
        {by !== null && by < openedAt && <span className="problem">That day is over.</span>}
        {onwards && !asksWays && onwards.minutes > 0 && (
          <Button variant="outline" size="sm" onClick={() => setAsksWays(true)}>
            {isInTime ? 'What would make it sooner?' : 'What would help?'}
          </Button>
        )}
      </div>
      {asksWays && (
        <PlanWays
          army={army}
          batch={batch}
          more={more}
          minutes={onwards?.minutes ?? 0}
          onTake={
            mayWrite
              ? (label, taken) => {
                  onPut(label, taken);
                  setAsksWays(false);
                }
              : undefined
          }
        />
      )}
    </section>
  );
}

function answerWords(batch: Batch, end: PlanEnd, isInTime: boolean, by: number | null): string {
  const open = batch.sessions.filter(({ isOver }) => !isOver);
  const have = open.filter((session) => by === null || spanOf(session).to <= by).length;
  const usual = open.map(({ minutes }) => minutes).sort((one, other) => one - other);
  const length = usual.length > 0 ? ` of ${hoursWords(usual[Math.floor(usual.length / 2)])}` : '';
  const needed = `${end.left === 0 ? '' : 'more than '}${counted(end.sessions, 'session')}${length}`;
  if (open.length === 0)
    return 'There is no evening yet: add some below to see when it will be done.';
  const work = `About ${hoursWords(end.minutes)} of painting: ${needed}.`;
  if (isInTime && end.endsAt !== null) {
    const spare = have - end.sessions;
    return `${work} It will be done on ${dayWords(end.endsAt)}${spare > 0 ? `, with ${counted(spare, 'session')} to spare` : ''}.`;
  }
  const until = by === null ? 'There are' : `By ${dayWords(by)} there are`;
  const onwards =
    end.endsAt === null ? '' : ` Going on like this it is done on ${dayWords(end.endsAt)}.`;
  return `${work} ${until} ${have}.${onwards}`;
}
