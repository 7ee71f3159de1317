import type { Army, Batch } from '@yellow-ledger/core';
import Button from 'react-bootstrap/Button';
import Form from 'react-bootstrap/Form';
import { useFormContext } from 'react-hook-form';
import { ModelRanges } from '../../../kit/models/ModelRanges';
import { NumberField } from '../../../kit/field/NumberField';
import { TextField } from '../../../kit/field/TextField';

export interface PainterFieldsProps {
  index: number;
  army: Army;
  painter: Batch['painters'][number] | undefined;
  /** undefined for the only one */
  onOut: (() => void) | undefined;
}

/** One painter: how quick, and which models are nobody else's. */
export function PainterFields({ index, painter, army, onOut }: PainterFieldsProps) {
  const { setValue, formState } = useFormContext<Batch>();
  if (!painter) return null;
  const errors = formState.errors.painters?.[index];
  const claims = errors?.claims;
  const problem = claims?.message ?? claims?.find?.((each) => each?.message)?.message;
  return (
    <div className="painter-row">
      <div className="unit-row">
        <TextField name={`painters.${index}.name`} label="Painter" />
        <NumberField name={`painters.${index}.speed`} label="Speed" unit="1 is usual" />
        <Form.Check
          id={`painter-new-${painter.id}`}
          label="Paints base coats only"
          checked={painter.isNew ?? false}
          isInvalid={errors?.isNew !== undefined}
          feedback={errors?.isNew?.message && `Expected ${errors.isNew.message}.`}
          feedbackType="invalid"
          onChange={({ target }) =>
            setValue(`painters.${index}.isNew`, target.checked || undefined, {
              shouldValidate: true,
            })
          }
        />
        {onOut && (
          <Button variant="plain" aria-label={`Remove ${painter.name}`} onClick={onOut}>
            Remove
          </Button>
        )}
      </div>
      <ModelRanges
        legend={`Models only ${painter.name} paints`}
        noneMeans="none, only what is free"
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
