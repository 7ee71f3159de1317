import {
  techniqueOf,
  waitingAllowed,
  type Army,
  type Batch,
  type BatchPlan,
  type Learned,
  type LearnedFigures,
  type Pot,
} from '@yellow-ledger/core';
import { useMemo, useState } from 'react';
import { flushSync } from 'react-dom';
import { minutesInWords } from '../../../parts/words/minutesInWords';
import { percent } from '../../../parts/words/percent';
import { useAnswer } from '../../../workers/useAnswer';
import { CalendarButtons } from './CalendarButtons';
import { PlannedEvening } from './PlannedEvening';
import { planWords } from './planWords';
import { usePlan } from './usePlan';

export interface PlanResultProps {
  army: Army;
  batch: Batch;
  pots: Pot[];
  /** what was painted in a session has been noted */
  onDone: (batch: Batch) => void;
}

/** What comes of a plan: how long it takes, and each session with who does what. */
export function PlanResult({ army, batch, pots, onDone }: PlanResultProps) {
  const { planned, progress, problem, stop } = usePlan(army, batch, pots);
  const plan = planned?.plan;
  const { answer: hexes } = useAnswer(
    pots,
    [plan?.mixes],
    (worker) => worker.mixHexes(plan?.mixes.map(({ shares }) => shares) ?? []),
    plan !== undefined && plan !== null,
  );
  const hexOf = (mix: number) => hexes?.[mix] ?? 'transparent';
  const [isAllOpen, setIsAllOpen] = useState(false);
  const words = useMemo(
    () => planned && plan && planWords(army, batch.painters, pots, planned, plan),
    [army, batch.painters, pots, planned, plan],
  );
  return (
    <section aria-label="What comes of it" className="plan-result">
      <div className="plan-progress" role="status">
        {progress !== null && (
          <>
            <progress value={progress} aria-label="Planning" /> Planning …{' '}
            <button type="button" className="plain-button" onClick={stop}>
              Stop
            </button>
          </>
        )}
      </div>
      {problem && <p role="alert">{problem}</p>}
      {plan && words && (
        <>
          <PlanSummary army={army} batch={batch} plan={plan} pots={pots} words={words} />
          <OwnFiguresUsed learned={planned.learned} />
          {!planned.isThrough && (
            <p>Looked for as long as anybody should wait: this is the best found so far.</p>
          )}
          {plan.runs.length > 0 && (
            <CalendarButtons
              batch={batch}
              plan={plan}
              words={words}
              onPrint={() => {
                // What is folded up would not be on the paper.
                flushSync(() => setIsAllOpen(true));
                window.print();
              }}
            />
          )}
          {plan.sessions
            .filter(({ sessionId }) => plan.runs.some((run) => run.sessionId === sessionId))
            .map((session, index) => (
              <PlannedEvening
                key={session.sessionId}
                planned={session}
                isOpen={isAllOpen || index === 0}
                batch={batch}
                plan={plan}
                hexOf={hexOf}
                words={words}
                onDone={onDone}
              />
            ))}
        </>
      )}
    </section>
  );
}

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
  pots,
  words,
}: {
  army: Army;
  batch: Batch;
  plan: BatchPlan;
  pots: Pot[];
  words: ReturnType<typeof planWords>;
}) {
  const { minutes, bound, left, split, without, sessions, runs } = plan;
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
            {Number.isFinite(bound.minutes)
              ? `at least ${minutesInWords(bound.minutes)} at the table.`
              : 'more than all of them.'}
          </li>
        ) : runs.length === 0 ? (
          <li>Nothing is left to paint here.</li>
        ) : (
          <li>
            <b>{minutesInWords(minutes)}</b> at the table, {percent(minutes / bound.minutes - 1)}{' '}
            above what no plan can beat ({minutesInWords(bound.minutes)}: hands-on{' '}
            {minutesInWords(bound.handsOn)}, longest surface {minutesInWords(bound.surface)}, one
            model in hand {minutesInWords(bound.body)}).
          </li>
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
        <details>
          <summary>
            {split.length === 1 ? 'One mixed colour is' : `${split.length} mixed colours are`}{' '}
            needed in more than one session: keep enough covered, or count the drops again
          </summary>
          <ul>
            {split.map((mix) => (
              <li key={mix} dir="auto">
                {words.mix(mix)}
              </li>
            ))}
          </ul>
        </details>
      )}
      <BatchSizes army={army} batch={batch} plan={plan} pots={pots} />
    </>
  );
}

/** How many models of each unit keep one painter busy. */
function BatchSizes({
  army,
  batch,
  plan,
  pots,
}: Omit<PlanResultProps, 'onDone'> & { plan: BatchPlan }) {
  const { room, keeping, hairDryer } = batch;
  const { answer: sizes } = useAnswer(
    pots,
    [JSON.stringify(army.units), room, keeping, hairDryer],
    (worker) => worker.batchSizes(army, { ...batch, models: [], done: [] }),
  );
  const planned = army.units.filter(({ id }) => plan.runs.some((run) => run.unitId === id));
  return (
    <details>
      <summary>How many models one painter does best together</summary>
      <ul>
        {planned.map(({ id, name }) => {
          const size = sizes?.[id];
          if (!size) return null;
          const isEnough = size.waiting <= waitingAllowed;
          return (
            <li key={id} dir="auto">
              {name}: {isEnough ? 'from' : 'even with'} {size.models}{' '}
              {size.models === 1 ? 'model' : 'models'}
              {isEnough
                ? ' on hardly anything is waited for'
                : ` ${percent(size.waiting)} of the time is waiting; paint something else beside them`}
              .
            </li>
          );
        })}
      </ul>
    </details>
  );
}
