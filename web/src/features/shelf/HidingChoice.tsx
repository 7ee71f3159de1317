import { hidingLevelOf, hidingLevels, type Pot } from '@yellow-ledger/core';
import Form from 'react-bootstrap/Form';
import { useFormContext, useWatch } from 'react-hook-form';
import { NumberField } from '../../kit/field/NumberField';
import { StripePicture } from '../../kit/paint/StripePicture';
import { stripeKey, useStripes } from './useStripes';

/** Hiding by picture (one coat across a black and white card), and as a number. */
export function HidingChoice({ swatch }: { swatch: string }) {
  const { register, setValue, control } = useFormContext<Pot>();
  const hiding = useWatch({ control, name: 'hiding' });
  const swatchShows = useWatch({ control, name: 'swatchShows' });
  const levels = hidingLevels.map(({ hiding: figure }) => ({
    swatch,
    swatchShows,
    hiding: figure,
  }));
  const stripes = useStripes(levels);
  const current = hidingLevelOf(Number.isFinite(hiding) ? hiding : 0.75);
  return (
    <fieldset className="hiding-choice">
      <legend>Coverage: what one neat coat does to a black and white card</legend>
      <div className="hiding-levels">
        {hidingLevels.map((level, index) => (
          <label key={level.name} title={level.tells}>
            <input
              type="radio"
              name="hiding-level"
              checked={level === current}
              onChange={() => setValue('hiding', level.hiding, { shouldValidate: true })}
            />
            <StripePicture stripe={stripes.get(stripeKey(levels[index]))} />
            <span>{level.name}</span>
          </label>
        ))}
        <NumberField name="hiding" label="as a number" unit="0–1" step={0.01} />
      </div>
      <p className="hiding-tells">
        {current.name}: {current.tells}.
      </p>
      <Form.Check
        type="checkbox"
        id="hiding-is-guess"
        label="only a guess: I have not tried it over black and white"
        {...register('hidingIsGuess')}
      />
    </fieldset>
  );
}
