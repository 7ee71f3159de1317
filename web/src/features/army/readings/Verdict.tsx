import { firstModels } from '@yellow-ledger/core';
import { Problem } from '../../../kit/Problem';
import type { Readings } from './readingWork';

/** The verdict of the readings, in a sentence. */
export function Verdict({ readings }: { readings: Readings }) {
  const { read, chart, change, causes } = readings;
  if (read.length === 0)
    return (
      <p>
        Nothing has been read here yet. Read the same places on every finished model, with a colour
        reader or from a photo with a grey patch. The ledger says whether they still match.
      </p>
    );
  if (read.length <= firstModels)
    return (
      <p role="status">
        {read.length} {read.length === 1 ? 'model is' : 'models are'} read. From {firstModels + 3}{' '}
        on it can be told whether they drift, by your own spread.
      </p>
    );
  if (!chart.speaks)
    return (
      <p role="status" className="verdict">
        <b>On recipe.</b> The last models match the first within your own spread.
      </p>
    );
  const { at, from } = chart.speaks;
  return (
    <Problem role="status" className="verdict">
      <p>
        <b>Drifting since about model {from}</b>, seen at model {at}. On average the places are ΔE{' '}
        {change?.toFixed(1)} away from those before.
        {change !== null && change < 2 && ' Nobody will see it on the table yet.'}
      </p>
      {causes.length > 0 ? (
        <ol aria-label="What would explain it best">
          {causes.map(({ sentence, explains }) => (
            <li key={sentence}>
              {sentence} <small>explains {Math.round(explains * 100)} %</small>
            </li>
          ))}
        </ol>
      ) : (
        <p>No single change of a load, a coat or a pot explains it.</p>
      )}
    </Problem>
  );
}
