import { lineLimit } from '@yellow-ledger/core';
import { useId, useState } from 'react';
import Form from 'react-bootstrap/Form';
import './field.scss';

export interface NameFieldProps {
  label: string;
  name: string;
  /** called on leaving the field, with another name that is right */
  onName: (name: string) => void;
}

/** A name on its own, outside any form: it counts when the field is left, or on Enter. */
export function NameField({ label, name, onName }: NameFieldProps) {
  const id = useId();
  // Null while nobody types: a name changed by undoing, or elsewhere, shows then.
  const [typed, setTyped] = useState<string | null>(null);
  const trimmed = (typed ?? name).trim();
  const isRight = trimmed.length > 0 && trimmed.length <= lineLimit;
  const take = () => {
    if (!isRight) return;
    if (trimmed !== name) onName(trimmed);
    setTyped(null);
  };
  return (
    <div className="field name-field">
      <label htmlFor={id}>{label}</label>
      <Form.Control
        id={id}
        size="sm"
        dir="auto"
        autoComplete="off"
        aria-invalid={!isRight}
        aria-describedby={isRight ? undefined : `${id}-error`}
        value={typed ?? name}
        onChange={(event) => setTyped(event.target.value)}
        onBlur={take}
        onKeyDown={(event) => {
          if (event.key === 'Enter') take();
        }}
      />
      {!isRight && (
        <p id={`${id}-error`} className="field-error">
          {trimmed === '' ? 'Empty' : `${trimmed.length} characters`} is not right: 1 to {lineLimit}
          .
        </p>
      )}
    </div>
  );
}
