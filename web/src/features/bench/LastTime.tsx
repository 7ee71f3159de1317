import { holderOf, type Bench } from '@yellow-ledger/core';
import { format } from 'date-fns';
import { Link } from 'react-router';
import { isWorthTelling, timeWords } from '../../kit/log/timeWords';
import { ofEverything } from '../../workers/parts';
import { useAnswer } from '../../workers/useAnswer';
import type { BenchNow } from './benchWork';

/** How this line went the last time, on other models, where that is worth knowing. */
export function LastTime({ now, bench }: { now: BenchNow; bench: Bench }) {
  const { task, coat } = now;
  const { recipeId, stepId, where } = coat;
  const holderId = holderOf(where, bench.id);
  const { answer } = useAnswer(ofEverything, [recipeId, stepId, holderId, where], (worker) =>
    worker.lastTime(
      { recipeId, stepId },
      { holderId, unitId: where.unitId, surfaceId: where.surfaceId, models: where.models },
    ),
  );
  if (!answer || !isWorthTelling(answer.time, task.coats)) return null;
  const { time, unit } = answer;
  return (
    <p className="quiet" dir="auto">
      The last time,{' '}
      <Link to={`/log/models/${time.on.holderId}/${time.on.unitId}/${time.on.model}`}>
        {unit} {time.on.model}
      </Link>
      , {format(new Date(time.to), 'd MMM')}: {timeWords(time)}.
    </p>
  );
}
