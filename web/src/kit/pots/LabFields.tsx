import { numberWithin } from '@yellow-ledger/core';
import Button from 'react-bootstrap/Button';
import { useState } from 'react';
import { NumberInput } from '../field/NumberInput';
import '../field/field.scss';

export interface Lab {
  value: number;
  a: number;
  b: number;
}

const fields = [
  { key: 'value', label: 'L*', schema: numberWithin(0, 100) },
  { key: 'a', label: 'a', schema: numberWithin(-128, 128) },
  { key: 'b', label: 'b', schema: numberWithin(-128, 128) },
] as const;

/** A colour by its figures, as a colour reader gives them. */
export function LabFields({ onLab }: { onLab: (lab: Lab | null) => void }) {
  /** a text where what was typed is no number */
  const [typed, setTyped] = useState<Record<keyof Lab, number | string>>({
    value: 60,
    a: 10,
    b: 50,
  });
  const wrong = fields.flatMap(({ key, label, schema }) => {
    const read = schema.safeParse(typed[key]);
    return read.success
      ? []
      : [`${label} is ${typed[key] || 'empty'}; it should be ${read.error.issues[0].message}.`];
  });
  return (
    <span className="flow">
      {fields.map(({ key, label, schema }) => (
        <label key={key}>
          {label}{' '}
          <NumberInput
            value={typed[key]}
            isRight={(figure) => schema.safeParse(figure).success}
            onTyped={(reading, text) =>
              setTyped({ ...typed, [key]: reading.is === 'number' ? reading.value : text })
            }
          />
        </label>
      ))}
      <Button
        variant="plain"
        onClick={() => onLab(wrong.length > 0 ? null : (typed as unknown as Lab))}
      >
        Use these numbers
      </Button>
      {wrong.length > 0 && (
        <span className="field-error" role="alert">
          {wrong.join(' ')}
        </span>
      )}
    </span>
  );
}
