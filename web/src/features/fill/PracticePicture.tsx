import { practiceFaults, type PracticeFault } from '@yellow-ledger/core';
import Button from 'react-bootstrap/Button';
import { useEffect, useState } from 'react';
import { CheckboxGroup } from '../../kit/CheckboxGroup';

const faults = practiceFaults.filter((fault) => fault !== 'none');

/** A sheet of made-up pots, photographed badly on purpose. */
export function PracticePicture({
  draw,
  isBusy,
  onPicture,
}: {
  draw: (faults: readonly PracticeFault[], seed: number) => Promise<Blob>;
  isBusy: boolean;
  onPicture: (picture: Blob) => void;
}) {
  const [ticked, setTicked] = useState<PracticeFault[]>([]);
  const [seed, setSeed] = useState(1);
  const [isDrawing, setDrawing] = useState(false);
  const [address, setAddress] = useState<string | null>(null);
  const [picture, setPicture] = useState<Blob | null>(null);
  useEffect(() => () => void (address && URL.revokeObjectURL(address)), [address]);
  const drawNext = async () => {
    setDrawing(true);
    try {
      const drawn = await draw(ticked, seed);
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
        A picture of a sheet with made-up pots, as a phone would take it. Tick what is wrong with
        it, and see how it is read before you print one.
      </p>
      <CheckboxGroup
        legend="Wrong with it"
        options={faults.map((value) => ({ value, name: value }))}
        ticked={ticked}
        onTicked={setTicked}
      />
      <div className="flow">
        <Button variant="outline" disabled={isDrawing} onClick={() => void drawNext()}>
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
