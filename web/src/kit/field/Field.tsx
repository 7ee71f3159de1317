import { useId, type ReactNode } from 'react';
import { get, useFormContext, type FieldError } from 'react-hook-form';
import './field.scss';

export interface FieldProps {
  /** path in the form */
  name: string;
  label: string;
  unit?: string;
  /** what is typed is not written where others read it */
  isSecret?: boolean;
  /** what is wrong is asked about in the field itself */
  isErrorHidden?: boolean;
  children: (control: {
    id: string;
    'aria-invalid': boolean;
    'aria-describedby': string | undefined;
  }) => ReactNode;
}

/** A labelled field of the form it stands in, with what is wrong with it said beneath. */
export function Field(props: FieldProps) {
  const { name, label, unit, isSecret = false, isErrorHidden = false, children } = props;
  const id = useId();
  const {
    formState: { errors },
    getValues,
  } = useFormContext();
  const error = get(errors, name) as FieldError | undefined;
  return (
    <div className="field">
      <label htmlFor={id}>
        {label}
        {unit && <span className="field-unit"> {unit}</span>}
      </label>
      {children({
        id,
        'aria-invalid': error !== undefined,
        'aria-describedby': error && !isErrorHidden ? `${id}-error` : undefined,
      })}
      {error && !isErrorHidden && (
        <p id={`${id}-error`} className="field-error">
          {wordsOf(error, getValues(name), isSecret)}
        </p>
      )}
    </div>
  );
}

/** @example '1.4 is not right: it should be a number from 0 to 1.' */
function wordsOf(error: FieldError, value: unknown, isSecret: boolean): string {
  const isEmpty = value === '' || value === null || Number.isNaN(value);
  const written = isEmpty
    ? 'Empty'
    : isSecret
      ? 'This'
      : typeof value === 'string'
        ? `“${shortened(value)}”`
        : String(value);
  return `${written} is not right: it should be ${error.message}.`;
}

const shortened = (text: string) => (text.length > 30 ? `${text.slice(0, 30)}…` : text);
