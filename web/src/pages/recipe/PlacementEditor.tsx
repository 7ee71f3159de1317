import { nearestStop, pulls, toneStops, type Step } from '@yellow-ledger/core';
import Form from 'react-bootstrap/Form';
import { useFormContext, useWatch } from 'react-hook-form';
import { Field } from '../../parts/Field';
import { PlacesPicture } from '../../parts/words/WordPicture';

const pullWords = { down: 'towards the pit', even: 'evenly', up: 'towards the point' } as const;

/** Where on the tone axis a line goes on, how soft its ends are and where its strokes finish. */
export function PlacementEditor() {
  const { control, register, setValue } = useFormContext<Step>();
  const placement = useWatch({ control, name: 'placement' });
  const { from, to, softness } = placement;
  const moveTo = (low: number, high: number) =>
    setValue('placement', { ...placement, from: low, to: high }, { shouldValidate: true });
  const endWords = (at: number) => `${nearestStop(at).name} (${at.toFixed(2)})`;
  return (
    <fieldset className="stacked">
      <legend>
        Where: {endWords(from)} to {endWords(to)}
      </legend>
      <div className="placement-axis">
        <div className="axis-track">
          <span
            className="axis-span"
            style={{ left: `${from * 100}%`, width: `${(to - from) * 100}%` }}
          />
          <AxisEnd label="Starts at" at={from} onMove={(at) => moveTo(Math.min(at, to), to)} />
          <AxisEnd label="Ends at" at={to} onMove={(at) => moveTo(from, Math.max(at, from))} />
        </div>
        <span className="axis-stops" aria-hidden="true">
          <PlacesPicture />
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

interface AxisEndProps {
  label: string;
  at: number;
  onMove: (at: number) => void;
}

/** One end of the placement; both lie on one track, and a pointer takes hold of the grips alone. */
const AxisEnd = ({ label, at, onMove }: AxisEndProps) => (
  <Form.Range
    className="axis-end"
    aria-label={label}
    min={0}
    max={1}
    step={0.01}
    value={at}
    onChange={({ target }) => onMove(Number(target.value))}
  />
);

/** @example softnessWords(0.1) // → 'soft' */
function softnessWords(softness: number): string {
  if (softness < 0.02) return 'hard';
  if (softness < 0.08) return 'crisp';
  if (softness < 0.18) return 'soft';
  return softness < 0.3 ? 'very soft' : 'melting';
}
