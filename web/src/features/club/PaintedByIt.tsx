import { counted, differenceWords, type Recipe } from '@yellow-ledger/core';
import { Link } from 'react-router';
import { FigureTable } from '../../kit/FigureTable';
import { minutesInWords } from '../../kit/words/minutesInWords';
import { ofEverything } from '../../workers/parts';
import { useAnswer } from '../../workers/useAnswer';

/** Which models are painted by a recipe as it is, and what bringing them over would cost. */
export function PaintedByIt({ recipeId, proposed }: { recipeId: string; proposed: Recipe }) {
  const { answer, problem } = useAnswer(ofEverything, [recipeId, proposed], (worker) =>
    worker.paintedBy(recipeId, proposed),
  );
  return (
    <>
      <h3>Painted by it until now</h3>
      {problem && <p role="alert">{problem}</p>}
      {answer?.length === 0 && <p>No model of an army you see.</p>}
      {answer && answer.length > 0 && (
        <FigureTable
          label="Painted by it until now"
          heads={['Models', 'On', 'Differs most', 'Bringing them over']}
          rows={answer.map(({ armyId, armyName, unitName, surfaceName, pin, models, gap }) => [
            <>
              <Link to={`/armies/${armyId}`}>{armyName}</Link>, {unitName}, {surfaceName}:{' '}
              {counted(models, 'model')}
            </>,
            pin.version === null ? 'the recipe as it is' : `version ${pin.version}`,
            gap.worst.difference < 0.05
              ? 'nothing'
              : `${gap.worst.place}: ${differenceWords(gap.worst.difference)}`,
            gap.cost.coats === 0
              ? 'nothing'
              : `${counted(gap.cost.coats, 'coat')}, ${minutesInWords(gap.cost.minutes)}`,
          ])}
        />
      )}
    </>
  );
}
