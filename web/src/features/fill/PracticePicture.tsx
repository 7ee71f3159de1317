import { practiceFaults, practicePots, type PracticeFault } from '@yellow-ledger/core';
import Button from 'react-bootstrap/Button';
import { useEffect, useState } from 'react';
import { CheckboxGroup } from '../../kit/CheckboxGroup';
import { pictureWorker } from '../../workers/pictureWorker';

const faults = practiceFaults.filter((fault) => fault !== 'none');

/** A sheet of made-up pots, photographed badly on purpose. */
export function PracticePicture({
  isBusy,
  onPicture,
}: {
  isBusy: boolean;
  onPicture: (picture: Blob) => void;
}) {
  const [ticked, setTicked] = useState<PracticeFault[]>([]);
  const [seed, setSeed] = useState(1);
  const [isDrawing, setDrawing] = useState(false);
  const [address, setAddress] = useState<string | null>(null);
  const [picture, setPicture] = useState<Blob | null>(null);
  useEffect(() => () => void (address && URL.revokeObjectURL(address)), [address]);
  const draw = async () => {
    setDrawing(true);
    const empty = ticked.includes('empty fields') ? 0.3 : 0.03;
    try {
      const drawn = await pictureWorker().practiceSheet(practicePots(seed, empty), ticked, seed);
      setPicture(drawn);
      setAddress(URL.createObjectURL(drawn));
      setSeed(seed + 1);
    } finally {
      setDrawing(false);
    }
  };
  return (
    <div className="stacked">
      <p>
        A picture of a sheet with made-up pots, as a phone would take it, with what you tick wrong
        with it: to see what the reading makes of it before you print one.
      </p>
      <CheckboxGroup
        legend="Wrong with it"
        options={faults.map((value) => ({ value, name: value }))}
        ticked={ticked}
        onTicked={setTicked}
      />
      <div className="flow">
        <Button variant="outline" disabled={isDrawing} onClick={() => void draw()}>
          {isDrawing ? 'Drawing …' : 'Draw a practice picture'}
        </Button>
        {picture && (
          <Button variant="next" disabled={isBusy} onClick={() => onPicture(picture)}>
            Read it
          </Button>
        )}
      </div>
      {address && <img className="practice-picture" src={address} alt="The practice picture" />}
    </div>
  );
}
