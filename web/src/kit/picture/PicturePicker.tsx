import { correctedForLight, lightProblem, meanHex, type KnownPlace } from '@yellow-ledger/core';
import { useState } from 'react';
import { FileButton } from '../FileButton';
import { RadioGroup } from '../RadioGroup';
import { Swatch } from '../paint/Swatch';
import { PictureWell } from './PictureWell';
import { usePicture, type PicturePoint } from './usePicture';

/** Half the side of the patch that is averaged, pixels: one pixel alone is mostly noise. */
const reach = 2;

type Pressed = 'colour' | KnownPlace['is'];

const presses: readonly { value: Pressed; name: string }[] = [
  { value: 'colour', name: 'press on the colour' },
  { value: 'white', name: 'on white paper' },
  { value: 'grey', name: 'on something grey' },
];

interface Place {
  at: PicturePoint;
  hex: string;
}

export interface PicturePickerProps {
  /** says which picture, and where to press in it */
  words: string;
  /** the colour, corrected where the light of the picture is known */
  onHex: (hex: string) => void;
}

/**
 * A colour out of a picture: pressed on, or walked to with the arrow keys. A place that is known to
 * be white or grey takes the cast of the lamp out. The picture stays on the page.
 */
export function PicturePicker({ words, onHex }: PicturePickerProps) {
  const picture = usePicture();
  const [pressed, setPressed] = useState<Pressed>('colour');
  const [colour, setColour] = useState<Place | null>(null);
  const [known, setKnown] = useState<(Place & { is: KnownPlace['is'] }) | null>(null);
  const problem = known && lightProblem(known);
  const tell = (hex: string, light: KnownPlace | null) =>
    onHex(light && !lightProblem(light) ? correctedForLight(hex, light) : hex);
  const placeAt = (at: PicturePoint): Place => ({ at, hex: meanHex(picture.pixelsAt(at, reach)) });
  const press = (at: PicturePoint) => {
    const place = placeAt(at);
    if (pressed === 'colour') {
      setColour(place);
      return tell(place.hex, known);
    }
    const light = { ...place, is: pressed };
    setKnown(light);
    if (colour) tell(colour.hex, light);
  };
  const open = async (file: File) => {
    const middle = await picture.open(file);
    if (!middle) return;
    const place = placeAt(middle);
    setPressed('colour');
    setKnown(null);
    setColour(place);
    tell(place.hex, null);
  };
  const at = (pressed === 'colour' ? colour : known)?.at ?? colour?.at ?? [0, 0];
  return (
    <div className="picture-picker stacked">
      <FileButton
        words={picture.size ? 'Choose another picture' : 'Choose a picture'}
        label="Picture"
        variant="outline"
        accept="image/*"
        isBusy={false}
        onFile={(file) => void open(file)}
      />
      {!picture.size && !picture.problem && <p>{words}</p>}
      {picture.problem && (
        <p className="field-error" role="alert">
          {picture.problem}
        </p>
      )}
      {picture.size && (
        <RadioGroup label="Press on" options={presses} chosen={pressed} onChoose={setPressed} />
      )}
      <PictureWell
        picture={picture}
        label="The picture: arrow keys move to a colour, with Shift ten at a time"
        at={at}
        marks={[colour?.at, known?.at].filter((each) => each !== undefined)}
        onMove={press}
        onPress={press}
      />
      {picture.size && (
        <p role="status">
          {problem ??
            (known ? (
              <>
                The light of the picture is taken out by the {known.is} place{' '}
                <Swatch hex={known.hex} />.
              </>
            ) : (
              'A picture shows its lamp too. Press on white paper in it, in the same light, and the cast is taken out. Do not trust deep shade.'
            ))}
        </p>
      )}
    </div>
  );
}
