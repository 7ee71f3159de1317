import {
  averageReadings,
  ReaderError,
  surfaceColour,
  type AveragedReading,
  type Pot,
} from '@yellow-ledger/core';
import { useMemo, useState } from 'react';
import { useFormContext } from 'react-hook-form';
import { Swatch } from '../../parts/Swatch';
import type { CardPlace, CardPlaces } from '../../workers/work/potWork';
import { cardPlaces } from './cardPlaces';
import { practiceReader } from './practiceReader';

const readingsOfAPlace = 5;

/** Reads the four places of a card with a colour reader: its tile first, then each place. */
export function ReaderPanel({
  onRead,
  onChange,
}: {
  /** every place has been read */
  onRead: (places: CardPlaces) => void;
  /** a place was read anew */
  onChange: () => void;
}) {
  const { getValues } = useFormContext<Pot>();
  const [reader] = useState(() => practiceReader(getValues()));
  const [read, setRead] = useState<Partial<Record<CardPlace, AveragedReading>>>({});
  const [isCalibrated, setIsCalibrated] = useState(false);
  const [isTouching, setIsTouching] = useState(true);
  const [problem, setProblem] = useState<string | null>(null);
  const isWhole = useMemo(() => cardPlaces.every(([place]) => read[place]), [read]);

  const attempt = async (work: () => Promise<void>) => {
    setProblem(null);
    try {
      await work();
    } catch (error) {
      if (!(error instanceof ReaderError)) throw error;
      if (error.code === 'not-calibrated') setIsCalibrated(false);
      setProblem(error.message);
    }
  };
  const readPlace = (place: CardPlace) =>
    attempt(async () => {
      const all = [];
      for (let n = 0; n < readingsOfAPlace; n++) all.push(await reader.read({ place, isTouching }));
      onChange();
      setRead({ ...read, [place]: averageReadings(all) });
    });

  return (
    <div className="reader-panel">
      <div className="reader-tile">
        <button
          type="button"
          className="outline-button"
          onClick={() =>
            void attempt(async () => {
              await reader.calibrate();
              setIsCalibrated(true);
            })
          }
        >
          Calibrate on the white tile
        </button>
        <span role="status">{isCalibrated ? 'Calibrated.' : 'Not calibrated.'}</span>
        <label>
          <input
            type="checkbox"
            checked={!isTouching}
            onChange={(event) => setIsTouching(!event.target.checked)}
          />{' '}
          held off the surface
        </label>
      </div>
      {problem && (
        <p className="field-error" role="alert">
          {problem}
        </p>
      )}
      <ul>
        {cardPlaces.map(([place, label]) => {
          const reading = read[place];
          return (
            <li key={place}>
              <button
                type="button"
                className="outline-button"
                onClick={() => void readPlace(place)}
              >
                Read: {label}
              </button>
              {reading ? (
                <>
                  <Swatch hex={surfaceColour(reading.reflectance).hex} />
                  <small>
                    {readingsOfAPlace} readings, at most {reading.spread.toFixed(2)} ΔE00 from their
                    mean
                  </small>
                </>
              ) : (
                <small>not read yet</small>
              )}
            </li>
          );
        })}
      </ul>
      <button
        type="button"
        className="outline-button"
        disabled={!isWhole}
        onClick={() => onRead(bandsOf(read))}
      >
        Work it out
      </button>
    </div>
  );
}

function bandsOf(read: Partial<Record<CardPlace, AveragedReading>>): CardPlaces {
  const bands = (place: CardPlace) => Array.from(read[place]?.reflectance ?? []);
  return {
    black: bands('black'),
    white: bands('white'),
    overBlack: bands('overBlack'),
    overWhite: bands('overWhite'),
  };
}
