import { nearestStop } from '@yellow-ledger/core';
import { Swatch } from '../../../parts/Swatch';
import type { Readings } from '../../../workers/work/readingWork';

/** Each model beside what was predicted for it. */
export function ReadingTable({ readings }: { readings: Readings }) {
  const { places, read, chart, left } = readings;
  return (
    <details>
      <summary>Every reading, beside what is predicted</summary>
      <table className="paint-table">
        <thead>
          <tr>
            <th scope="col">Model</th>
            {places.map((place) => (
              <th key={place} scope="col">
                {nearestStop(place).name}, ΔE00 from plan
              </th>
            ))}
            <th scope="col">ΔE00 from the first</th>
          </tr>
        </thead>
        <tbody>
          {read.map(({ model, fromPrediction, hexes }) => (
            <tr key={model}>
              <th scope="row">{model}</th>
              {fromPrediction.map((difference, index) => (
                <td key={places[index]}>
                  <Swatch hex={hexes[index]} /> {difference.toFixed(1)}
                </td>
              ))}
              <td>{chart.points.find((point) => point.model === model)?.distance.toFixed(1)}</td>
            </tr>
          ))}
        </tbody>
      </table>
      {left.length > 0 && (
        <p>Not compared, as a place was not read of them: model {left.join(', ')}.</p>
      )}
    </details>
  );
}
