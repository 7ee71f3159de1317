import { counted, enoughRecords, techniqueOf } from '@yellow-ledger/core';
import { FigureTable } from '../../kit/FigureTable';
import { ofEverything } from '../../workers/parts';
import { useAnswer } from '../../workers/useAnswer';
import { PageWait } from '../../kit/PageWait';

/** This painter's own figures, from how many records, and whether they are used yet. */
export function FiguresLeaf() {
  const { answer, problem } = useAnswer(ofEverything, [], (worker) => worker.logFigures());
  if (problem) return <p role="alert">{problem}</p>;
  if (!answer) return <PageWait>Working out your timings …</PageWait>;
  const { learned, handsOn } = answer;
  const rows = [
    ...learned.handsOn.map((each) => ({
      what: `Hands-on, ${techniqueOf(each.technique).label}`,
      figure: each.learned,
    })),
    ...(learned.drying ? [{ what: 'Drying', figure: learned.drying }] : []),
    ...(learned.paint ? [{ what: 'Paint mixed for what is painted', figure: learned.paint }] : []),
  ];
  return (
    <div className="figures">
      <p>
        Your minutes and your paint, beside those of a practised hand. Used once there are{' '}
        {enoughRecords} timings, by the bench and the plan. The more records, the more it counts.
      </p>
      {rows.length === 0 ? (
        <p>Nothing is measured yet: paint at the bench, and it comes by itself.</p>
      ) : (
        <FigureTable
          heads={['What', 'Times the usual', 'Half lie between', 'Records', 'Used']}
          rows={rows.map(({ what, figure: { factor, low, high, records, isUsed } }) => [
            what,
            factor.toFixed(2),
            `${low.toFixed(2)} and ${high.toFixed(2)}`,
            records,
            isUsed ? 'yes' : `not yet: ${enoughRecords - records} more`,
          ])}
        />
      )}
      {learned.changing && (
        <p>
          Changing to another paint takes you {learned.changing.minutes.toFixed(1)} min, as measured
          in {counted(learned.changing.records, 'change')}. The plan counts with it.
        </p>
      )}
      {learned.film !== 1 && (
        <p>Your film is {learned.film.toFixed(2)} times the usual, as learned from readings.</p>
      )}
      {handsOn.length > 0 && (
        <>
          <h2>Minutes a coat takes on one model</h2>
          <FigureTable
            heads={['Technique', 'Size', 'Yours', 'Expected', 'Models']}
            rows={handsOn.map(({ technique, size, minutesPerModel, reckonedPerModel, models }) => [
              techniqueOf(technique).label,
              size,
              `${minutesPerModel.toFixed(1)} min`,
              `${reckonedPerModel.toFixed(1)} min`,
              models,
            ])}
          />
        </>
      )}
    </div>
  );
}
