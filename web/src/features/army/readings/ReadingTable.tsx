import { placeKey } from '@yellow-ledger/core';
import { FigureTable } from '../../../kit/FigureTable';
import { Disclosure } from '../../../kit/Disclosure';
import { PotWords } from '../../../kit/pots/PotWords';
import { placeInWords } from './placeInWords';
import type { Readings } from './readingWork';

/** Each model beside what was predicted for it. */
export function ReadingTable({ readings }: { readings: Readings }) {
  const { places, read, chart, left } = readings;
  return (
    <Disclosure title="Every reading, beside what is predicted">
      <FigureTable
        label="Readings"
        heads={[
          'Model',
          ...places.map((place) => `${placeInWords(place, readings)}, ΔE00 from plan`),
          'ΔE00 from the first',
        ]}
        rows={read.map(({ model, fromPrediction, hexes }) => [
          model,
          ...fromPrediction.map((difference, index) => (
            <PotWords
              key={placeKey(places[index])}
              hex={hexes[index]}
              name={difference.toFixed(1)}
            />
          )),
          chart.points.find((point) => point.model === model)?.distance.toFixed(1),
        ])}
      />
      {left.length > 0 && (
        <p>Not compared, as a place was not read of them: model {left.join(', ')}.</p>
      )}
    </Disclosure>
  );
}
