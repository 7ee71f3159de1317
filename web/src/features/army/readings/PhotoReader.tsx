import { PhotoError, readPhoto, usualGreyValue, type Lab } from '@yellow-ledger/core';
import Button from 'react-bootstrap/Button';
import { useState } from 'react';
import { NumberInput } from '../../../kit/field/NumberInput';
import { PictureWell } from '../../../kit/picture/PictureWell';
import { usePicture, type PicturePoint } from '../../../kit/picture/usePicture';

/** Half the side of what is taken, pixels. */
const reach = { patch: 6, spot: 3 };
const leastGrey = 10;
const mostGrey = 95;

/** A colour from a photo: first the grey patch is marked, then the spot. The photo stays here. */
export function PhotoReader({ onLab }: { onLab: (lab: Lab | null) => void }) {
  const picture = usePicture();
  const [at, setAt] = useState<PicturePoint>([0, 0]);
  const [patch, setPatch] = useState<PicturePoint | null>(null);
  const [grey, setGrey] = useState<number | string>(usualGreyValue);
  const [problem, setProblem] = useState<string | null>(null);

  const forget = () => {
    setPatch(null);
    setProblem(null);
    onLab(null);
  };
  const open = async (file: File) => {
    forget();
    const middle = await picture.open(file);
    if (middle) setAt(middle);
  };
  const mark = (point: PicturePoint) => {
    setAt(point);
    setProblem(null);
    try {
      const value = typeof grey === 'number' ? grey : NaN;
      if (!(value >= leastGrey && value <= mostGrey))
        throw new PhotoError(
          `The grey patch has L* ${grey || 'empty'}; it should be from ${leastGrey} to ${mostGrey}, as printed on it.`,
        );
      const lab = readPhoto(
        picture.pixelsAt(patch ?? point, reach.patch),
        picture.pixelsAt(point, reach.spot),
        value,
      );
      if (patch === null) setPatch(point);
      else onLab(lab);
    } catch (error) {
      if (!(error instanceof PhotoError)) throw error;
      setProblem(error.message);
    }
  };

  return (
    <div className="picture-picker">
      <div className="flow">
        <label>
          Photo{' '}
          <input
            type="file"
            accept="image/*"
            onChange={(event) => {
              const file = event.target.files?.[0];
              if (file) void open(file);
            }}
          />
        </label>
        <label>
          L* of the grey patch{' '}
          <NumberInput
            value={grey}
            isRight={(value) => value >= leastGrey && value <= mostGrey}
            onTyped={(reading, text) => setGrey(reading.is === 'number' ? reading.value : text)}
          />
        </label>
      </div>
      {(problem ?? picture.problem) && (
        <p className="field-error" role="alert">
          {problem ?? picture.problem}
        </p>
      )}
      {picture.size && (
        <p role="status">
          {patch === null
            ? 'Mark the grey patch: press on it, or walk there with the arrow keys and press Enter.'
            : 'Now mark the spot that is to be read.'}{' '}
          {patch && (
            <Button variant="plain" onClick={forget}>
              Mark the patch again
            </Button>
          )}
        </p>
      )}
      <PictureWell
        picture={picture}
        label="The photo: arrow keys move, with Shift ten at a time, Enter marks"
        at={at}
        marks={patch ? [at, patch] : [at]}
        onMove={setAt}
        onPress={mark}
      />
    </div>
  );
}
