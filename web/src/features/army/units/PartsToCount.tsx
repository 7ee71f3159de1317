import type { Unit } from '@yellow-ledger/core';
import Button from 'react-bootstrap/Button';
import { useFieldArray, useFormContext } from 'react-hook-form';
import { NumberField } from '../../../kit/field/NumberField';
import { TextField } from '../../../kit/field/TextField';
import { newPart } from '../newArmy';

/** Small parts that are counted on every model: straps, rivets. */
export function PartsToCount() {
  const { control } = useFormContext<Unit>();
  const { fields, append, remove } = useFieldArray({ control, name: 'parts', keyName: 'key' });
  return (
    <>
      <h2>To count on every model</h2>
      {fields.map((field, index) => (
        <div className="unit-row" key={field.key}>
          <TextField name={`parts.${index}.name`} label="Part" />
          <NumberField
            name={`parts.${index}.count`}
            label="How many"
            step={1}
            placeholder="many"
            whenEmpty="none"
          />
          <Button variant="plain" aria-label={`Remove ${field.name}`} onClick={() => remove(index)}>
            Remove
          </Button>
        </div>
      ))}
      <p>
        <Button variant="outline" onClick={() => append(newPart())}>
          Add a part
        </Button>
      </p>
    </>
  );
}
