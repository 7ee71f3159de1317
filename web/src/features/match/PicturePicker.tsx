import { meanHex } from '@yellow-ledger/core';
import { useState } from 'react';
import { FileButton } from '../../kit/FileButton';
import { PictureWell } from '../../kit/picture/PictureWell';
import { usePicture, type PicturePoint } from '../../kit/picture/usePicture';

/** Half the side of the patch that is averaged, pixels: one pixel alone is mostly noise. */
const reach = 2;

/** A colour out of a picture: pressed on, or walked to with the arrow keys. The picture stays here. */
export function PicturePicker({ onHex }: { onHex: (hex: string) => void }) {
  const picture = usePicture();
  const [at, setAt] = useState<PicturePoint>([0, 0]);
  const pick = (point: PicturePoint) => {
    setAt(point);
    onHex(meanHex(picture.pixelsAt(point, reach)));
  };
  return (
    <div className="picture-picker">
      <FileButton
        words={picture.size ? 'Choose another picture' : 'Choose a picture'}
        label="Picture"
        variant="outline"
        accept="image/*"
        isBusy={false}
        onFile={(file) => void picture.open(file).then((middle) => middle && pick(middle))}
      />
      {!picture.size && !picture.problem && (
        <p>A photo or drawing of the colour you want. Then press on the colour in it.</p>
      )}
      {picture.problem && (
        <p className="field-error" role="alert">
          {picture.problem}
        </p>
      )}
      <PictureWell
        picture={picture}
        label="The picture: arrow keys move to a colour, with Shift ten at a time"
        at={at}
        marks={[at]}
        onMove={pick}
        onPress={pick}
      />
      {picture.size && (
        <p>
          A photo shows its own light: for a true colour put a grey card into the picture, and do
          not trust deep shade.
        </p>
      )}
    </div>
  );
}
