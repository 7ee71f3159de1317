import { lineLimit } from '@yellow-ledger/core';
import { useId, useState } from 'react';
import Form from 'react-bootstrap/Form';
import './field.scss';

export interface LineFieldProps {
  label: string;
  value: string;
  /** whether it may stay empty */
  isOptional?: boolean;
  className?: string;
  /** called on leaving the field, or on Enter, with other words that are right */
  onLine: (words: string) => void;
}

/** A line of words on its own, outside any form: it counts when the field is left, or on Enter. */
export function LineField(props: LineFieldProps) {
  const { label, value, isOptional = false, className = '', onLine } = props;
  const id = useId();
  // Null while nobody types: what is changed by undoing, or elsewhere, shows then.
  const [typed, setTyped] = useState<string | null>(null);
  const trimmed = (typed ?? value).trim();
  const least = isOptional ? 0 : 1;
  const isRight = trimmed.length >= least && trimmed.length <= lineLimit;
  const take = () => {
    if (!isRight) return;
    if (trimmed !== value) onLine(trimmed);
    setTyped(null);
  };
  return (
    <div className={`field ${className}`}>
      <label htmlFor={id}>{label}</label>
      <Form.Control
        id={id}
        size="sm"
        dir="auto"
        autoComplete="off"
        aria-invalid={!isRight}
        aria-describedby={isRight ? undefined : `${id}-error`}
        value={typed ?? value}
        onChange={(event) => setTyped(event.target.value)}
        onBlur={take}
        onKeyDown={(event) => {
          if (event.key !== 'Enter') return;
          // A form it may stand in is not done with it.
          event.preventDefault();
          take();
        }}
      />
      {!isRight && (
        <p id={`${id}-error`} className="field-error">
          {trimmed === '' ? 'Empty' : `${trimmed.length} characters`} is not right: {least} to{' '}
          {lineLimit}.
        </p>
      )}
    </div>
  );
}
