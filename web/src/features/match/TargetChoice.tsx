import { colourOfHex, colourOfLab, type Pot, type SurfaceColour } from '@yellow-ledger/core';
import Button from 'react-bootstrap/Button';
import { useState } from 'react';
import { LabFields } from '../../kit/pots/LabFields';
import { PotPicker } from '../../kit/pots/PotPicker';
import { RadioGroup } from '../../kit/RadioGroup';
import { figuresOf } from '../../kit/paint/Ribbon';
import { Swatch } from '../../kit/paint/Swatch';
import { PicturePicker } from './PicturePicker';
import { RecipeColour } from './RecipeColour';
import { Figures } from '../../kit/figures/Figures';

const sources = [
  { value: 'colour', name: 'a colour' },
  { value: 'lab', name: 'L*, a, b' },
  { value: 'pot', name: 'a pot' },
  { value: 'recipe', name: 'a recipe' },
  { value: 'picture', name: 'a picture' },
] as const;

type Source = (typeof sources)[number]['value'];

export interface TargetChoiceProps {
  pots: Pot[];
  target: SurfaceColour | null;
  onTarget: (target: SurfaceColour | null) => void;
}

/** Where the colour to be matched comes from. */
export function TargetChoice({ pots, target, onTarget }: TargetChoiceProps) {
  const [source, setSource] = useState<Source>('colour');
  const [hex, setHex] = useState('#b08830');
  const [potId, setPotId] = useState('');
  return (
    <fieldset className="stacked target-choice">
      <legend>The colour to match</legend>
      <RadioGroup
        label="From"
        options={sources}
        chosen={source}
        onChoose={(chosen) => {
          setSource(chosen);
          onTarget(null);
        }}
      />
      <div className="target-source">
        {source === 'colour' && (
          <span>
            <input
              type="color"
              aria-label="Colour"
              value={hex}
              onChange={(event) => {
                setHex(event.target.value);
                onTarget(colourOfHex(event.target.value));
              }}
            />{' '}
            <Button variant="plain" onClick={() => onTarget(colourOfHex(hex))}>
              Take {hex}
            </Button>
          </span>
        )}
        {source === 'lab' && (
          <LabFields onLab={(lab) => onTarget(lab && colourOfLab(lab.value, lab.a, lab.b))} />
        )}
        {source === 'pot' && (
          <PotPicker
            label="Pot to match"
            choices={pots
              .filter(({ kind }) => kind !== 'medium' && kind !== 'varnish')
              .map(({ id, name, swatch, kind, retired }) => ({
                id,
                name,
                hex: swatch,
                hint: retired ? 'retired' : kind,
              }))}
            chosen={potId}
            onChoose={(id) => {
              setPotId(id);
              const pot = pots.find((each) => each.id === id);
              if (pot) onTarget(colourOfHex(pot.swatch));
            }}
          />
        )}
        {source === 'recipe' && <RecipeColour onColour={onTarget} />}
        {source === 'picture' && <PicturePicker onHex={(found) => onTarget(colourOfHex(found))} />}
      </div>
      {target && (
        <p className="target-now" role="status">
          <Swatch hex={target.hex} /> {target.hex}
          <Figures> · {figuresOf(target)}</Figures>
        </p>
      )}
    </fieldset>
  );
}
