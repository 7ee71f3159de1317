import {
  counted,
  headingsOf,
  spanOf,
  type Army,
  type Batch,
  type PlannedSession,
  type PlannedWork,
} from '@yellow-ledger/core';
import { format } from 'date-fns';
import { Disclosure } from '../../../kit/Disclosure';
import { dropsWords } from '../../../kit/words/dropsWords';
import { minutesInWords } from '../../../kit/words/minutesInWords';
import { EveningChanges } from './EveningChanges';
import { EveningPlayed } from './EveningPlayed';
import { JobList } from './JobList';
import type { PlanWords } from './planWords';
import { Timetable } from './Timetable';
import { WhatWasPainted } from './WhatWasPainted';

export interface PlannedEveningProps {
  planned: PlannedSession;
  isOpen: boolean;
  army: Army;
  batch: Batch;
  plan: PlannedWork;
  /** mixed colours that more than one session needs */
  split: readonly number[];
  hexOf: (mix: number) => string;
  words: PlanWords;
  mayWrite: boolean;
}

/** One session: what to prepare, the timetable, who does what, and what is left wet. */
export function PlannedEvening(props: PlannedEveningProps) {
  const { planned, isOpen, army, batch, plan, split, hexOf, words, mayWrite } = props;
  const session = batch.sessions.find(({ id }) => id === planned.sessionId);
  if (!session) return null;
  const { from, to } = spanOf(session);
  const runs = plan.runs.filter((run) => run.sessionId === session.id);
  const when = `${format(from, 'EEEE d MMMM')}, ${words.clock(from)} to ${words.clock(to)}`;
  const waiting = batch.painters.flatMap(({ id, name }) => {
    const minutes = planned.waiting[id] ?? 0;
    return minutes >= 1 ? [`${name} ${minutesInWords(minutes)}`] : [];
  });
  return (
    <Disclosure
      className="evening"
      isOpen={isOpen}
      title={
        <>
          <h2>{when}</h2>{' '}
          <small>
            {counted(planned.mixes.length, 'paint')}, {counted(headingsOf(runs).length, 'job')}
          </small>
        </>
      }
    >
      <Timetable span={{ from, to }} batch={batch} runs={runs} hexOf={hexOf} words={words} />
      <Disclosure className="no-print" title="Play the evening">
        <EveningPlayed span={{ from, to }} batch={batch} runs={runs} hexOf={hexOf} words={words} />
      </Disclosure>
      {waiting.length > 0 && <p dir="auto">Waiting: {waiting.join(', ')}.</p>}
      <JobList batch={batch} runs={runs} when={when} words={words} />
      <Disclosure title={`To prepare: ${counted(planned.mixes.length, 'paint')}`}>
        <ul className="prepare-list">
          {planned.mixes.map(({ mix, ml, drops, alsoIn }) => (
            <li key={mix} dir="ltr">
              {words.mix(mix)}: {ml.toFixed(1)} ml
              {ml < pouredFrom && <> · {dropsWords(drops, words.potName)}</>}
              {alsoIn.length > 0 && split.includes(mix) && (
                <b> · needed again in another session: keep some covered</b>
              )}
            </li>
          ))}
        </ul>
      </Disclosure>
      {planned.leftWet.length > 0 && (
        <p dir="auto">
          Left wet at {words.clock(to)}:{' '}
          {planned.leftWet
            .slice(-mostNamed)
            .map(
              (run) =>
                `${words.surface(run)} (${words.models(run)}) until ${words.clock(run.driesAt)}`,
            )
            .join('; ')}
          . Leave these standing where nobody touches them.
        </p>
      )}
      {mayWrite && <EveningChanges army={army} batch={batch} session={session} plan={plan} />}
      <WhatWasPainted army={army} batch={batch} session={session} runs={runs} words={words} />
    </Disclosure>
  );
}

/** From this much on a mix is poured and not counted out in drops, ml. */
const pouredFrom = 5;
const mostNamed = 6;
