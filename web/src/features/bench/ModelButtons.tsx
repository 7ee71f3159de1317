import { standing } from '@yellow-ledger/core';
import Button from 'react-bootstrap/Button';
import { useState } from 'react';
import type { BenchNow } from './benchWork';
import type { BenchPartProps } from './benchPart';

export interface ModelButtonsProps extends Pick<BenchPartProps, 'hand' | 'words'> {
  now: BenchNow;
}

/** The models this coat goes on, each to be ticked off by itself. */
export function ModelButtons({ now, hand, words }: ModelButtonsProps) {
  const { task } = now;
  const [isShown, setIsShown] = useState(false);
  const ticked = paintedIn(now, hand);
  // Each keeps its place when it is done: nothing moves under the finger.
  const all = [...new Set([...task.models, ...ticked])].sort((one, other) => one - other);
  const isMany = all.length > 40;
  if (all.length === 1 && task.waiting.length === 0) return null;
  return (
    <div className="now-models">
      <p>
        Still to do in this step: {task.models.length}
        {task.waiting.length > 0 && `, and ${task.waiting.length} that dry`}
        {task.later > 0 && `, and ${task.later} later`}
        {isMany && (
          <Button variant="plain" onClick={() => setIsShown(!isShown)}>
            {isShown ? 'Hide the models' : 'Tick them off one by one'}
          </Button>
        )}
      </p>
      {(!isMany || isShown) && (
        <ul className="rows" aria-label={`Models of ${words.unit(task.unitId)} to tick off`}>
          {all.map((model) => (
            <li key={model}>
              <Button
                variant="chip"
                disabled={!task.models.includes(model)}
                aria-label={`Model ${model} is done`}
                aria-pressed={!task.models.includes(model)}
                onClick={() => hand.tick(now, model)}
              >
                {task.models.includes(model) ? model : `✓ ${model}`}
              </Button>
            </li>
          ))}
        </ul>
      )}
    </div>
  );
}

/** Models that have this coat already. */
function paintedIn({ task, coat }: BenchNow, { log }: ModelButtonsProps['hand']): number[] {
  const { unitId, surfaceId } = coat.where;
  return standing(log.entries).flatMap((entry) =>
    entry.kind === 'coat' &&
    entry.where.unitId === unitId &&
    entry.where.surfaceId === surfaceId &&
    entry.recipeId === task.recipeId &&
    entry.stepId === task.stepId &&
    entry.coat === task.coat
      ? entry.where.models
      : [],
  );
}
