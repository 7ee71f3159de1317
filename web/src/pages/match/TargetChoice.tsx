import { colourOfHex, colourOfLab, type Pot, type SurfaceColour } from '@yellow-ledger/core';
import { useState } from 'react';
import { figuresOf } from '../../parts/Ribbon';
import { Swatch } from '../../parts/Swatch';
import { PotPicker } from '../../parts/PotPicker';
import { LabFields } from '../../parts/LabFields';
import { PicturePicker } from './PicturePicker';
import { RecipeColour } from './RecipeColour';

const sources = [
  ['colour', 'a colour'],
  ['lab', 'L*, a, b'],
  ['pot', 'a pot'],
  ['recipe', 'a recipe'],
  ['picture', 'a picture'],
] as const;

type Source = (typeof sources)[number][0];

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
    <fieldset className="target-choice">
      <legend>The colour to match</legend>
      <div className="target-sources" role="radiogroup" aria-label="From">
        {sources.map(([name, label]) => (
          <label key={name}>
            <input
              type="radio"
              name="target-source"
              checked={source === name}
              onChange={() => {
                setSource(name);
                onTarget(null);
              }}
            />{' '}
            {label}
          </label>
        ))}
      </div>
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
            <button
              type="button"
              className="plain-button"
              onClick={() => onTarget(colourOfHex(hex))}
            >
              Take {hex}
            </button>
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
          <Swatch hex={target.hex} /> {figuresOf(target)}
        </p>
      )}
    </fieldset>
  );
}
