import { nearestStop, pulls, toneStops, type Step } from '@yellow-ledger/core';
import Form from 'react-bootstrap/Form';
import { Slider, SliderThumb, SliderTrack } from 'react-aria-components';
import { useFormContext, useWatch } from 'react-hook-form';
import { Field } from '../../parts/Field';

const pullWords = { down: 'towards the pit', even: 'evenly', up: 'towards the point' } as const;

/** Where on the tone axis a line goes on, how soft its ends are and where its strokes finish. */
export function PlacementEditor() {
  const { control, register, setValue } = useFormContext<Step>();
  const placement = useWatch({ control, name: 'placement' });
  const { from, to, softness } = placement;
  const endWords = (at: number) => `${nearestStop(at).name} (${at.toFixed(2)})`;
  return (
    <fieldset className="stacked">
      <legend>
        Where: {endWords(from)} to {endWords(to)}
      </legend>
      <div className="placement-axis">
        <Slider
          aria-label="Placement on the tone axis"
          minValue={0}
          maxValue={1}
          step={0.01}
          value={[from, to]}
          onChange={(ends: number[]) =>
            setValue(
              'placement',
              { ...placement, from: ends[0], to: ends[1] },
              { shouldValidate: true },
            )
          }
        >
          <SliderTrack className="axis-track">
            <span
              className="axis-span"
              style={{ left: `${from * 100}%`, width: `${(to - from) * 100}%` }}
            />
            <SliderThumb index={0} className="axis-thumb" aria-label="Starts at" />
            <SliderThumb index={1} className="axis-thumb" aria-label="Ends at" />
          </SliderTrack>
        </Slider>
        <span className="axis-stops" aria-hidden="true">
          {toneStops.map(({ name, at }) => (
            <span key={name} style={{ left: `${at * 100}%` }}>
              {name}
            </span>
          ))}
        </span>
      </div>
      <div className="flow placement-row">
        <Field name="placement.softness" label={`Softness of the ends: ${softnessWords(softness)}`}>
          {(attributes) => (
            <Form.Range
              min={0}
              max={0.5}
              step={0.01}
              {...attributes}
              {...register('placement.softness', { valueAsNumber: true })}
            />
          )}
        </Field>
        <div role="radiogroup" aria-label="Strokes finish" className="flow pull-choice">
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
    </fieldset>
  );
}

/** @example softnessWords(0.1) // → 'soft' */
function softnessWords(softness: number): string {
  if (softness < 0.02) return 'hard';
  if (softness < 0.08) return 'crisp';
  if (softness < 0.18) return 'soft';
  return softness < 0.3 ? 'very soft' : 'melting';
}
