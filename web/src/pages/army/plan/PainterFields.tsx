import type { Army, Batch } from '@yellow-ledger/core';
import Form from 'react-bootstrap/Form';
import { useFormContext } from 'react-hook-form';
import { Field } from '../../../parts/Field';
import { NumberField } from '../../../parts/NumberField';
import { ModelRanges } from './ModelRanges';

export interface PainterFieldsProps {
  index: number;
  army: Army;
  painter: Batch['painters'][number] | undefined;
  /** undefined for the only one */
  onOut: (() => void) | undefined;
}

/** One painter: how quick, and which models are nobody else's. */
export function PainterFields({ index, army, painter, onOut }: PainterFieldsProps) {
  const { register, setValue, formState } = useFormContext<Batch>();
  if (!painter) return null;
  const claims = formState.errors.painters?.[index]?.claims;
  const problem = claims?.message ?? claims?.find?.((each) => each?.message)?.message;
  return (
    <div className="painter-row">
      <div className="unit-row">
        <Field name={`painters.${index}.name`} label="Painter">
          {(attributes) => (
            <Form.Control
              size="sm"
              dir="auto"
              autoComplete="off"
              {...attributes}
              {...register(`painters.${index}.name`)}
            />
          )}
        </Field>
        <NumberField name={`painters.${index}.speed`} label="Speed" unit="1 is usual" />
        {onOut && (
          <button
            type="button"
            className="plain-button"
            aria-label={`Take out ${painter.name}`}
            onClick={onOut}
          >
            Take out
          </button>
        )}
      </div>
      <ModelRanges
        legend={`Models only ${painter.name} paints`}
        noneMeans="none: whatever is free"
        army={army}
        ranges={painter.claims}
        problem={problem && `Expected ${problem}.`}
        onRanges={(next) =>
          setValue(`painters.${index}.claims`, next, { shouldValidate: true, shouldDirty: true })
        }
      />
    </div>
  );
}
