import { enoughRecords, techniqueOf, type Learned } from '@yellow-ledger/core';
import { ofEverything } from '../../workers/parts';
import { useAnswer } from '../../workers/useAnswer';

/** What the log says of this painter, from how many records, and whether it is used yet. */
export function FiguresLeaf() {
  const { answer, problem } = useAnswer(ofEverything, [], (worker) => worker.logFigures());
  if (problem) return <p role="alert">{problem}</p>;
  if (!answer) return <p className="page-wait">Reckoning your own figures …</p>;
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
        What the bench measured, over what was reckoned for a usual hand. From {enoughRecords}{' '}
        records on your own figure is used: by the bench, the plan and the paint an army takes.
      </p>
      {rows.length === 0 && (
        <p>Nothing is measured yet: paint at the bench, and it comes by itself.</p>
      )}
      {rows.length > 0 && (
        <table>
          <thead>
            <tr>
              <th scope="col">What</th>
              <th scope="col">Times the usual</th>
              <th scope="col">Half lie between</th>
              <th scope="col">Records</th>
              <th scope="col">Used</th>
            </tr>
          </thead>
          <tbody>
            {rows.map(({ what, figure }) => (
              <FigureRow key={what} what={what} figure={figure} />
            ))}
          </tbody>
        </table>
      )}
      {learned.film !== 1 && (
        <p>Your film is {learned.film.toFixed(2)} times the usual, as learned from readings.</p>
      )}
      {handsOn.length > 0 && (
        <>
          <h2>Minutes a coat takes on one model</h2>
          <table>
            <thead>
              <tr>
                <th scope="col">Technique</th>
                <th scope="col">Size</th>
                <th scope="col">Yours</th>
                <th scope="col">Reckoned</th>
                <th scope="col">Models</th>
              </tr>
            </thead>
            <tbody>
              {handsOn.map(({ technique, size, minutesPerModel, reckonedPerModel, models }) => (
                <tr key={`${technique} ${size}`}>
                  <th scope="row">{techniqueOf(technique).label}</th>
                  <td>{size}</td>
                  <td>{minutesPerModel.toFixed(1)} min</td>
                  <td>{reckonedPerModel.toFixed(1)} min</td>
                  <td>{models}</td>
                </tr>
              ))}
            </tbody>
          </table>
        </>
      )}
    </div>
  );
}

function FigureRow({ what, figure }: { what: string; figure: Learned }) {
  const { factor, low, high, records, isUsed } = figure;
  return (
    <tr>
      <th scope="row">{what}</th>
      <td>{factor.toFixed(2)}</td>
      <td>
        {low.toFixed(2)} and {high.toFixed(2)}
      </td>
      <td>{records}</td>
      <td>{isUsed ? 'yes' : `not yet: ${enoughRecords - records} more`}</td>
    </tr>
  );
}
