import {
  colourInWords,
  colourOfHex,
  colourOfLab,
  type Pot,
  type SurfaceColour,
} from '@yellow-ledger/core';
import { PicturePicker } from '../../kit/picture/PicturePicker';
import { LabFields } from '../../kit/pots/LabFields';
import { PotPicker } from '../../kit/pots/PotPicker';
import { useRemembered } from '../../kit/hooks/useRemembered';
import { RadioGroup } from '../../kit/RadioGroup';
import { figuresOf } from '../../kit/paint/Ribbon';
import { Swatch } from '../../kit/paint/Swatch';
import { RecipeColour } from './RecipeColour';
import { Figures } from '../../kit/figures/Figures';

const sources = [
  { value: 'colour', name: 'a colour', lacks: '' },
  { value: 'lab', name: 'L*, a, b', lacks: 'Type the three numbers first.' },
  { value: 'pot', name: 'a pot', lacks: 'Choose a pot first.' },
  { value: 'recipe', name: 'a recipe', lacks: 'Choose a recipe first.' },
  { value: 'picture', name: 'a picture', lacks: 'Choose a picture first.' },
] as const;

/** The colour the page begins with. */
export const firstHex = '#b08830';

type Source = (typeof sources)[number]['value'];

export interface TargetChoiceProps {
  pots: Pot[];
  target: SurfaceColour | null;
  /** called with the colour, or with none and what is still to be chosen */
  onTarget: (target: SurfaceColour | null, lacks: string) => void;
}

/** Where the colour to be matched comes from. */
export function TargetChoice({ pots, target, onTarget: put }: TargetChoiceProps) {
  const [source, setSource] = useRemembered<Source>('source', () => 'colour');
  const [hex, setHex] = useRemembered('hex', () => firstHex);
  const [potId, setPotId] = useRemembered('pot', () => '');
  const onTarget = (colour: SurfaceColour | null, from = source) =>
    put(colour, sources.find(({ value }) => value === from)?.lacks ?? '');
  return (
    <fieldset className="stacked target-choice">
      <legend>The colour to match</legend>
      <RadioGroup
        label="From"
        options={sources}
        chosen={source}
        onChoose={(chosen) => {
          setSource(chosen);
          onTarget(chosen === 'colour' ? colourOfHex(hex) : null, chosen);
        }}
      />
      <div className="target-source">
        {source === 'colour' && (
          <input
            type="color"
            aria-label="Colour"
            value={hex}
            onChange={({ target: { value } }) => {
              setHex(value);
              onTarget(colourOfHex(value));
            }}
          />
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
                hint: retired ? 'removed' : kind,
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
        {source === 'picture' && (
          <PicturePicker
            words="A photo or drawing of the colour you want. Then press on the colour in it."
            onHex={(found) => onTarget(colourOfHex(found))}
          />
        )}
      </div>
      {target && (
        <p className="target-now" role="status">
          <Swatch hex={target.hex} /> {colourInWords(target.hex)}
          <Figures>
            {' '}
            · {target.hex} · {figuresOf(target)}
          </Figures>
        </p>
      )}
    </fieldset>
  );
}
