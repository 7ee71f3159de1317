import {
  aimWords,
  nearestStop,
  pulls,
  shapeOf,
  toneStops,
  type Placement,
  type Step,
} from '@yellow-ledger/core';
import Form from 'react-bootstrap/Form';
import { useFormContext, useWatch } from 'react-hook-form';
import { Disclosure } from '../../../kit/Disclosure';
import { FigureField } from '../../../kit/field/FigureField';
import { StretchField } from '../../../kit/field/StretchField';
import { PlacesPicture } from '../../../kit/words/WordPicture';
import { AimEditor } from '../aim/AimEditor';
import { LastCoat } from '../aim/LastCoat';
import type { RecipeLineProps } from './recipeLineProps';

const pullWords = { down: 'towards the pit', even: 'evenly', up: 'towards the point' } as const;

/** Where a line goes: on the tone axis, how soft its ends are, where its strokes finish, its aim. */
export function PlacementEditor(props: RecipeLineProps) {
  const { control, register, setValue } = useFormContext<Step>();
  const placement = useWatch({ control, name: 'placement' });
  const { from, to, softness } = placement;
  const put = (next: Placement) => setValue('placement', next, { shouldValidate: true });
  const endWords = (at: number) => `${nearestStop(at).name} (${at.toFixed(2)})`;
  return (
    <fieldset className="stacked">
      <legend>
        Where: {endWords(from)} to {endWords(to)}
      </legend>
      <StretchField
        label="Tone"
        from={from}
        to={to}
        onMove={(low, high) => put(within({ ...placement, from: low, to: high }))}
        marks={toneStops}
      >
        <PlacesPicture />
      </StretchField>
      <div className="flow">
        <Form.Range
          className="short-range"
          aria-label="Softness of the ends"
          min={0}
          max={0.5}
          step={0.01}
          value={softness}
          onChange={({ target }) => put({ ...placement, softness: Number(target.value) })}
        />
        <FigureField
          label={`Ends: ${softnessWords(softness)}`}
          value={softness}
          isRight={(each) => each >= 0 && each <= 0.5}
          expected="a number from 0 to 0.5"
          onFigure={(each) => put({ ...placement, softness: each })}
        />
        <div role="radiogroup" aria-label="Strokes finish" className="flow">
          <span>Strokes finish</span>
          {pulls.map((pull) => (
            <Form.Check
              key={pull}
              type="radio"
              id={`pull-${pull}`}
              label={pullWords[pull]}
              value={pull}
              {...register('placement.pull')}
            />
          ))}
        </div>
      </div>
      <Disclosure
        title={`Aimed: ${placement.aim ? aimWords(placement.aim, shapeOf(props.draft.recipe)) : 'anywhere on it'}`}
        isOpen={placement.aim !== undefined}
      >
        <AimEditor {...props} placement={placement} onPlace={put} />
      </Disclosure>
      <LastCoat {...props} placement={placement} onPlace={put} />
    </fieldset>
  );
}

/** The last coat stays within the first when that is moved. */
function within(placement: Placement): Placement {
  const { from, to, last } = placement;
  if (!last) return placement;
  const clamped = (at: number) => Math.min(to, Math.max(from, at));
  return { ...placement, last: { ...last, from: clamped(last.from), to: clamped(last.to) } };
}

/** @example softnessWords(0.1) // → 'soft' */
function softnessWords(softness: number): string {
  if (softness < 0.02) return 'hard';
  if (softness < 0.08) return 'crisp';
  if (softness < 0.18) return 'soft';
  return softness < 0.3 ? 'very soft' : 'melting';
}
