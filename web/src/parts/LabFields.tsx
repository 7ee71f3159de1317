import { numberWithin } from '@yellow-ledger/core';
import Button from 'react-bootstrap/Button';
import { useState } from 'react';
import Form from 'react-bootstrap/Form';
import './field.scss';

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
  const [typed, setTyped] = useState({ value: '60', a: '10', b: '50' });
  const wrong = fields.flatMap(({ key, label, schema }) => {
    const read = schema.safeParse(typed[key].trim() === '' ? undefined : Number(typed[key]));
    return read.success
      ? []
      : [`${label} is ${typed[key] || 'empty'}; it should be ${read.error.issues[0].message}.`];
  });
  return (
    <span className="flow">
      {fields.map(({ key, label }) => (
        <label key={key}>
          {label}{' '}
          <Form.Control
            size="sm"
            inputMode="decimal"
            value={typed[key]}
            onChange={(event) => setTyped({ ...typed, [key]: event.target.value })}
          />
        </label>
      ))}
      <Button
        variant="plain"
        onClick={() =>
          onLab(
            wrong.length > 0
              ? null
              : { value: Number(typed.value), a: Number(typed.a), b: Number(typed.b) },
          )
        }
      >
        Take these figures
      </Button>
      {wrong.length > 0 && (
        <span className="field-error" role="alert">
          {wrong.join(' ')}
        </span>
      )}
    </span>
  );
}
