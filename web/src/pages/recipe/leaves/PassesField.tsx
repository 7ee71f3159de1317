import { useState } from 'react';
import Form from 'react-bootstrap/Form';

export interface PassesFieldProps {
  label: string;
  value: number;
  most: number;
  onChange: (passes: number) => void;
}

/** A small count. What is no count is kept as it was typed, said, and not counted. */
export function PassesField({ label, value, most, onChange }: PassesFieldProps) {
  const [typed, setTyped] = useState<string | null>(null);
  const figure = Number(typed ?? value);
  const isRight = typed !== '' && Number.isInteger(figure) && figure >= 1 && figure <= most;
  return (
    <span className="passes-field">
      <Form.Control
        size="sm"
        type="number"
        min={1}
        max={most}
        step={1}
        aria-label={label}
        aria-invalid={!isRight}
        value={typed ?? value}
        onChange={(event) => {
          const { value: text } = event.target;
          setTyped(text);
          const next = Number(text);
          if (text !== '' && Number.isInteger(next) && next >= 1 && next <= most) {
            setTyped(null);
            onChange(next);
          }
        }}
      />
      {!isRight && (
        <span className="field-error" role="alert">
          {typed === '' ? 'Empty' : typed} is not right: it should be a whole number from 1 to{' '}
          {most}.
        </span>
      )}
    </span>
  );
}
