import {
  averageReadings,
  ReaderError,
  surfaceColour,
  type AveragedReading,
  type Pot,
} from '@yellow-ledger/core';
import Button from 'react-bootstrap/Button';
import { useMemo, useState } from 'react';
import { useFormContext } from 'react-hook-form';
import { ReasonButton } from '../../../kit/ReasonButton';
import { Swatch } from '../../../kit/paint/Swatch';
import { Switch } from '../../../kit/field/Switch';
import type { CardPlace, CardPlaces } from '../../../workers/shared/potWork';
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
    <div className="stacked">
      <div className="flow">
        <Button
          variant="outline"
          onClick={() =>
            void attempt(async () => {
              await reader.calibrate();
              setIsCalibrated(true);
            })
          }
        >
          Calibrate on the white tile
        </Button>
        <span role="status">{isCalibrated ? 'Calibrated.' : 'Not calibrated.'}</span>
        <Switch
          label="held off the surface"
          isOn={!isTouching}
          onTurn={(isOff) => setIsTouching(!isOff)}
        />
      </div>
      {problem && (
        <p className="field-error" role="alert">
          {problem}
        </p>
      )}
      <ul className="rows">
        {cardPlaces.map(([place, label]) => {
          const reading = read[place];
          return (
            <li className="across" key={place}>
              <Button variant="outline" onClick={() => void readPlace(place)}>
                Read: {label}
              </Button>
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
      <ReasonButton
        variant="outline"
        why={isWhole ? null : 'Read every place first.'}
        onClick={() => onRead(bandsOf(read))}
      >
        Work it out
      </ReasonButton>
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
