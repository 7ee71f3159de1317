import {
  clearKinds,
  colourOfHex,
  colourOfLab,
  differenceWords,
  partsWords,
  type AddedDrops,
  type DropMore,
  type MixedByEye,
  type Pot,
  type SurfaceColour,
} from '@yellow-ledger/core';
import { useState } from 'react';
import Button from 'react-bootstrap/Button';
import { Disclosure } from '../../../kit/Disclosure';
import { Figures } from '../../../kit/figures/Figures';
import { Strip } from '../../../kit/paint/Strip';
import { PicturePicker } from '../../../kit/picture/PicturePicker';
import { LabFields } from '../../../kit/pots/LabFields';
import { RadioGroup } from '../../../kit/RadioGroup';
import { potNamesOf } from '../../../kit/words/recipeWords';
import { ofShelf } from '../../../workers/parts';
import { useAnswer } from '../../../workers/useAnswer';

export interface ByEyeProps {
  pots: Pot[];
  puddle: AddedDrops;
  /** takes what was worked out for what is in the puddle */
  onDrops: (puddle: AddedDrops) => void;
  onPut: (more: DropMore) => void;
}

type Source = 'picture' | 'reading';

const sources: readonly { value: Source; name: string }[] = [
  { value: 'picture', name: 'a photograph' },
  { value: 'reading', name: 'a colour reader' },
];

/** A puddle nobody counted: its drops worked out from its colour in a photograph or by a reader. */
export function ByEye(props: ByEyeProps) {
  return (
    <Disclosure title="Mixed by eye">
      <ByEyeFields {...props} />
    </Disclosure>
  );
}

function ByEyeFields({ pots, puddle, onDrops, onPut }: ByEyeProps) {
  const [source, setSource] = useState<Source>('picture');
  const [seen, setSeen] = useState<SurfaceColour | null>(null);
  const kinds = new Map(pots.map(({ id, kind }) => [id, kind]));
  const hasColour = puddle.pots.some(({ potId }) => {
    const kind = kinds.get(potId);
    return kind !== undefined && !clearKinds.includes(kind);
  });
  const { answer: found } = useAnswer(
    ofShelf,
    [seen, puddle],
    (worker): Promise<MixedByEye | null> =>
      seen ? worker.mixedByEye(seen, puddle) : Promise.resolve(null),
    seen !== null && hasColour,
  );
  return (
    <div className="stacked">
      <p>
        Brush a thick stroke of the puddle onto white paper and let it dry: wet paint looks darker.
      </p>
      <RadioGroup
        label="Its colour from"
        options={sources}
        chosen={source}
        onChoose={(chosen) => {
          setSource(chosen);
          setSeen(null);
        }}
      />
      {source === 'picture' ? (
        <PicturePicker
          words="A photograph of the stroke and the paper. Then press on the stroke in it."
          onHex={(hex) => setSeen(colourOfHex(hex))}
        />
      ) : (
        <LabFields onLab={(lab) => setSeen(lab && colourOfLab(lab.value, lab.a, lab.b))} />
      )}
      {seen && !hasColour && <p role="status">Put in the pots you used first, a drop of each.</p>}
      {seen && hasColour && found && (
        <Found seen={seen} found={found} pots={pots} onDrops={onDrops} onPut={onPut} />
      )}
    </div>
  );
}

interface FoundProps extends Omit<ByEyeProps, 'puddle'> {
  seen: SurfaceColour;
  found: MixedByEye;
}

function Found({ seen, found: { drops, colour, error, lacks }, pots, onDrops, onPut }: FoundProps) {
  const potName = potNamesOf(pots);
  const words = drops.pots
    .filter((pot) => pot.drops > 0)
    .map((pot) => `${partsWords(pot.drops)} ${potName(pot.potId)}`);
  return (
    <section aria-label="Worked out from the stroke" className="puddle-answer stacked">
      <div className="flow">
        <Strip hexes={[seen.hex, colour.hex]} label="The stroke beside these drops" />
        <p role="status">
          <b>{words.join(' + ')}</b>: {differenceWords(error)}
          <Figures> (ΔE00 {error.toFixed(1)})</Figures>
        </p>
        <Button variant="outline" onClick={() => onDrops(drops)}>
          Take these drops
        </Button>
      </div>
      {lacks && (
        <div className="flow">
          <p>
            These pots alone do not give it. Did some <b>{potName(lacks.potId)}</b> go in?
          </p>
          <Button variant="outline" onClick={() => onPut({ of: { potId: lacks.potId }, drops: 1 })}>
            Yes, it did
          </Button>
        </div>
      )}
    </section>
  );
}
