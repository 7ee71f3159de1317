import { batchWith, type Army, type Batch, type Session, type WayOut } from '@yellow-ledger/core';
import Button from 'react-bootstrap/Button';
import { ofWhatIsPainted } from '../../../workers/parts';
import { useAnswer } from '../../../workers/useAnswer';
import type { PlannedWay } from './answerWork';
import { newPainter } from './newBatch';
import { dayWords, hoursWords } from './planTimes';
import { standardName } from '../../../kit/words/standards';

export interface PlanWaysProps {
  army: Army;
  batch: Batch;
  /** evenings after those of the plan */
  more: readonly Session[];
  /** of painting, as it is */
  minutes: number;
  /** undefined for who may not change the plan */
  onTake: ((label: string, batch: Batch) => void) | undefined;
}

const mostWays = 8;

/** Ways to be done sooner, each really planned, with the day it would end on. */
export function PlanWays({ army, batch, more, minutes, onTake }: PlanWaysProps) {
  const { answer: ways, problem } = useAnswer(
    ofWhatIsPainted,
    [JSON.stringify([army.units, army.scheme, batch])],
    (worker) => worker.plannedWays(army, batch, more),
  );
  if (problem) return <p role="alert">{problem}</p>;
  if (!ways) return <p role="status">Planning each way …</p>;
  return (
    <ul className="no-print" aria-label="Ways to be done sooner">
      {ways.slice(0, mostWays).map((each) => {
        const words = wayWords(each.way, army);
        return (
          <li key={words} dir="auto">
            {words}: {endWords(each, minutes)}{' '}
            {onTake && (
              <Button
                variant="plain"
                aria-label={`Take it: ${words}`}
                onClick={() =>
                  onTake(
                    words.toLowerCase(),
                    batchWith(each.way, army, batch, newPainter(batch.painters.length)),
                  )
                }
              >
                Take it
              </Button>
            )}
          </li>
        );
      })}
    </ul>
  );
}

function wayWords(way: WayOut, army: Army): string {
  if (way.kind === 'morePainter') return 'One more painter';
  if (way.kind === 'standard')
    return `Everything to ${standardName(way.standard)} standard for now`;
  return `Leave out ${army.units.find(({ id }) => id === way.unitId)?.name ?? 'a unit'}`;
}

function endWords({ end }: PlannedWay, before: number): string {
  const saved = before - end.minutes;
  const saves = saved >= 30 ? `, saves ${hoursWords(saved)}` : '';
  return end.endsAt === null
    ? `not done in a year of such evenings${saves}`
    : `done on ${dayWords(end.endsAt)}${saves}`;
}
