import { useId, useState } from 'react';
import Form from 'react-bootstrap/Form';

const mostDrops = 400;

export interface DropsFieldProps {
  label: string;
  value: number;
  /** called with every right figure */
  onChange: (drops: number) => void;
}

/** A number of drops. What is not right stays written and is said; the last right figure counts. */
export function DropsField({ label, value, onChange }: DropsFieldProps) {
  const id = useId();
  const [typed, setTyped] = useState(String(value));
  const figure = Number(typed.replace(',', '.'));
  const isRight = typed.trim() !== '' && figure > 0 && figure <= mostDrops;
  return (
    <div className="drops-field">
      <label htmlFor={id}>{label}</label>
      <Form.Control
        id={id}
        size="sm"
        inputMode="decimal"
        value={typed}
        aria-invalid={!isRight}
        aria-describedby={isRight ? undefined : `${id}-error`}
        onChange={(event) => {
          setTyped(event.target.value);
          const next = Number(event.target.value.replace(',', '.'));
          if (event.target.value.trim() !== '' && next > 0 && next <= mostDrops) onChange(next);
        }}
      />
      {!isRight && (
        <p id={`${id}-error`} className="field-error">
          {typed.trim() === '' ? 'Empty' : `“${typed}”`} is not right: above 0, up to {mostDrops}.
        </p>
      )}
    </div>
  );
}
