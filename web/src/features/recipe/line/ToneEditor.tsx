import { nearestStop, toneStops, type Placement, type Step } from '@yellow-ledger/core';
import { useFormContext, useWatch } from 'react-hook-form';
import { StretchField } from '../../../kit/field/StretchField';
import { PlacesPicture } from '../../../kit/words/WordPicture';

/** Where a line goes on the tone axis, from the pit to the point. */
export function ToneEditor() {
  const { control, setValue } = useFormContext<Step>();
  const placement = useWatch({ control, name: 'placement' });
  const { from, to } = placement;
  const [first, last] = [nearestStop(from).name, nearestStop(to).name];
  return (
    <fieldset className="stacked">
      <legend>Where: {first === last ? first : `${first} to ${last}`}</legend>
      <StretchField
        label="Tone"
        from={from}
        to={to}
        onMove={(low, high) =>
          setValue('placement', within({ ...placement, from: low, to: high }), {
            shouldValidate: true,
          })
        }
        marks={toneStops}
      >
        <PlacesPicture />
      </StretchField>
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
