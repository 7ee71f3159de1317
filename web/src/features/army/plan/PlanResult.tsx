import {
  counted,
  techniqueOf,
  waitingAllowed,
  type Army,
  type Batch,
  type Learned,
  type LearnedFigures,
  type PlannedWork,
  type Pot,
} from '@yellow-ledger/core';
import { format } from 'date-fns';
import Button from 'react-bootstrap/Button';
import { useMemo, useState } from 'react';
import { useMay } from '../../../data/club/standing';
import { Disclosure } from '../../../kit/Disclosure';
import { Progress } from '../../../kit/Progress';
import { minutesInWords } from '../../../kit/words/minutesInWords';
import { percent } from '../../../kit/words/percent';
import { ofArmies, ofShelf } from '../../../workers/parts';
import { useAnswer } from '../../../workers/useAnswer';
import type { ToldPlan } from './planWork';
import { CalendarButtons } from './CalendarButtons';
import { useBeforePrint } from '../../../kit/hooks/useBeforePrint';
import { PlannedEvening } from './PlannedEvening';
import { planWords } from './planWords';
import type { Planning } from './usePlan';

export interface PlanResultProps {
  army: Army;
  batch: Batch;
  pots: Pot[];
  planning: Planning;
}

/** The result of a plan: how long it takes, and each session with its jobs. */
export function PlanResult({ army, batch, pots, planning }: PlanResultProps) {
  const mayKeep = useMay('armies', army.id)('write');
  const { timetable, ground, progress, problem, stop } = planning;
  const plan = timetable?.work;
  const madeAt = timetable?.madeAt;
  const { answer } = useAnswer(
    ofShelf,
    [plan, batch],
    async (worker) => plan && { of: madeAt, told: await worker.toldPlan(plan, batch) },
    plan !== undefined,
  );
  const told = answer && answer.of === madeAt ? answer.told : null;
  const hexOf = (mix: number) => told?.hexes[mix] ?? 'transparent';
  const [isAllOpen, setIsAllOpen] = useState(false);
  // A closed section would not be on the paper.
  useBeforePrint(() => setIsAllOpen(true));
  const words = useMemo(
    () => ground && plan && planWords(army, batch.painters, pots, ground, plan),
    [army, batch.painters, pots, ground, plan],
  );
  return (
    <section aria-label="The plan" className="stacked plan-result">
      <div className="plan-progress" role="status">
        {progress !== null && (
          <>
            <Progress label="Planning" now={progress} /> Planning …{' '}
            <Button variant="plain" onClick={stop}>
              Stop
            </Button>
          </>
        )}
      </div>
      {problem && <p role="alert">{problem}</p>}
      {plan && words && told && (
        <>
          <PlanSummary army={army} batch={batch} plan={plan} told={told} words={words} />
          {ground && <OwnFiguresUsed learned={ground.learned} />}
          <MadeAt planning={planning} mayKeep={mayKeep} />
          {plan.runs.length > 0 && (
            <CalendarButtons
              batch={batch}
              plan={plan}
              words={words}
              onPrint={() => window.print()}
            />
          )}
          {told.sessions.map((session, index) => (
            <PlannedEvening
              key={session.sessionId}
              planned={session}
              isOpen={isAllOpen || index === 0}
              army={army}
              batch={batch}
              plan={plan}
              split={told.split}
              hexOf={hexOf}
              words={words}
              mayWrite={mayKeep}
            />
          ))}
        </>
      )}
    </section>
  );
}

/** Whether the plan is kept, since when, and what changed after that. */
function MadeAt({ planning, mayKeep }: { planning: Planning; mayKeep: boolean }) {
  const { timetable, isLookedAt, because, progress, again, keep } = planning;
  if (!timetable) return null;
  if (isLookedAt)
    return (
      <p className="no-print">
        {mayKeep ? 'This is a preview. ' : 'This plan is not kept yet. '}
        {mayKeep && (
          <Button variant="next" size="sm" onClick={keep}>
            Keep this plan
          </Button>
        )}
      </p>
    );
  return (
    <p className="no-print">
      Kept since {format(new Date(timetable.madeAt), 'd MMM yyyy, HH:mm')}.{' '}
      {because.length > 0 &&
        `Since then ${listed(because)} changed; it stands as it was promised. `}
      <Button variant="plain" disabled={progress !== null} onClick={again}>
        {because.length > 0 ? 'Plan on from here' : 'Plan again'}
      </Button>
    </p>
  );
}

/** @example listed(['a recipe', 'a pot']) // → 'a recipe and a pot' */
const listed = (words: readonly string[]) => words.join(', ').replace(/, ([^,]*)$/, ' and $1');

/** Which of the painter's own figures the plan goes by, from how many records. */
function OwnFiguresUsed({ learned: { handsOn, drying } }: { learned: LearnedFigures }) {
  const used = handsOn.filter(({ learned }) => learned.isUsed);
  if (used.length === 0 && !drying?.isUsed) return null;
  return (
    <p>
      By your own figures:{' '}
      {[
        ...used.map(
          ({ technique, learned }) => `${techniqueOf(technique).label} ${figureWords(learned)}`,
        ),
        ...(drying?.isUsed ? [`drying ${figureWords(drying)}`] : []),
      ].join('; ')}
      .
    </p>
  );
}

const figureWords = ({ factor, low, high, records }: Learned) =>
  `${factor.toFixed(2)} times the usual (${records} records, half between ${low.toFixed(2)} and ${high.toFixed(2)})`;

function PlanSummary({
  army,
  batch,
  plan,
  told: { sessions, split },
  words,
}: {
  army: Army;
  batch: Batch;
  plan: PlannedWork;
  told: ToldPlan;
  words: ReturnType<typeof planWords>;
}) {
  const { minutes, bound, left, without, runs } = plan;
  const waiting = sessions.reduce(
    (sum, each) => Object.values(each.waiting).reduce((all, one) => all + one, sum),
    0,
  );
  return (
    <>
      <ul className="plan-summary" aria-label="Summary of the plan">
        {left > 0 ? (
          <li className="problem">
            {left.toLocaleString('en')} coats have no room in these sessions: add time, or take
            models out. By the bound it takes{' '}
            {bound.minutes === null
              ? 'more than all of them.'
              : `at least ${minutesInWords(bound.minutes)} at the table.`}
          </li>
        ) : runs.length === 0 ? (
          <li>Nothing is left to paint here.</li>
        ) : (
          minutes !== null && (
            <li>
              <b>{minutesInWords(minutes)}</b> at the table,{' '}
              {percent(minutes / (bound.minutes ?? minutes) - 1)} above the shortest possible (
              {minutesInWords(bound.minutes ?? 0)}: hands-on {minutesInWords(bound.handsOn ?? 0)},
              longest surface {minutesInWords(bound.surface ?? 0)}, one model in hand{' '}
              {minutesInWords(bound.body ?? 0)}).
            </li>
          )
        )}
        <li>{minutesInWords(waiting)} of waiting in all, by everybody together.</li>
        {without.length > 0 && (
          <li className="problem" dir="auto">
            Not planned, as they have no recipe or it is gone:{' '}
            {without.map((each) => words.surface(each)).join('; ')}.
          </li>
        )}
      </ul>
      {split.length > 0 && (
        <Disclosure
          title={`${counted(split.length, 'mixed colour is', 'mixed colours are')} needed in more than one session: keep enough covered, or count the drops again`}
        >
          <ul>
            {split.map((mix) => (
              <li key={mix} dir="ltr">
                {words.mix(mix)}
              </li>
            ))}
          </ul>
        </Disclosure>
      )}
      <BatchSizes army={army} batch={batch} plan={plan} />
    </>
  );
}

/** How many models of each unit keep one painter busy. */
function BatchSizes({ army, batch, plan }: { army: Army; batch: Batch; plan: PlannedWork }) {
  const { room, keeping, hairDryer } = batch;
  const { answer: sizes } = useAnswer(
    ofArmies,
    [JSON.stringify(army.units), room, keeping, hairDryer],
    (worker) => worker.batchSizes(army, { ...batch, models: [] }),
  );
  const planned = army.units.filter(({ id }) => plan.runs.some((run) => run.unitId === id));
  return (
    <Disclosure title="How many models one painter does best together">
      <ul>
        {planned.map(({ id, name }) => {
          const size = sizes?.[id];
          if (!size) return null;
          const isEnough = size.waiting <= waitingAllowed;
          return (
            <li key={id} dir="auto">
              {name}: {isEnough ? 'from' : 'even with'} {counted(size.models, 'model')}
              {isEnough
                ? ' on hardly anything is waited for'
                : ` ${percent(size.waiting)} of the time is waiting; paint something else beside them`}
              .
            </li>
          );
        })}
      </ul>
    </Disclosure>
  );
}
