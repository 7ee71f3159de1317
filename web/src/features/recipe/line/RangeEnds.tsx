import { lineKey, techniqueOf } from '@yellow-ledger/core';
import { Ribbon } from '../../../kit/paint/Ribbon';
import { ofLog, ofShelf } from '../../../workers/parts';
import { useAnswer } from '../../../workers/useAnswer';
import type { RecipeLineProps } from './recipeLineProps';

/** The surface after a line at the fewest and at the most coats that are written. */
export function RangeEnds({ step, draft }: RecipeLineProps) {
  const isRange = step.coatsUpTo !== undefined;
  const { answer } = useAnswer(
    ofShelf,
    [draft.recipe, step.id, isRange],
    (worker) => (isRange ? worker.endsOfRange(draft.recipe, step.id) : Promise.resolve(null)),
    isRange,
  );
  const { answer: own } = useAnswer(ofLog, [], (worker) => worker.ownFigures());
  if (!isRange || !answer) return null;
  const usual = own?.coats[lineKey(draft.recipe.id, step.id)];
  const { counts } = techniqueOf(step.technique);
  return (
    <div role="group" aria-label="Both ends of its coats">
      {answer.surfaces.map((surface, i) => (
        <div key={answer.coats[i]}>
          <small>
            after {answer.coats[i]}{' '}
            {answer.coats[i] === 1 ? counts : `${counts === 'pass' ? 'passes' : 'coats'}`}
          </small>
          <Ribbon
            stops={answer.stops}
            surface={surface}
            height={14}
            label={`The surface after ${answer.coats[i]} of them`}
          />
        </div>
      ))}
      {usual !== undefined && <p>By your log it usually takes {usual}.</p>}
    </div>
  );
}
