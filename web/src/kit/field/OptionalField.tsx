import Form from 'react-bootstrap/Form';
import { useFormContext } from 'react-hook-form';
import { Options } from '../Select';
import { Field } from './Field';

/** The meaning of an empty field: nothing said. */
const asTyped = (typed: unknown) => (typed === '' || typed === null ? undefined : typed);

export interface OptionalFieldProps {
  name: string;
  label: string;
  unit?: string;
  type?: string;
  placeholder?: string;
  /** makes of what was typed what the form holds; undefined where nothing is said */
  read?: (typed: unknown) => unknown;
}

/** A field that may be left empty, for use inside a form. */
export function OptionalField({
  name,
  label,
  unit,
  read = asTyped,
  ...control
}: OptionalFieldProps) {
  const { register } = useFormContext();
  return (
    <Field name={name} label={label} unit={unit}>
      {(attributes) => (
        <Form.Control
          size="sm"
          {...control}
          {...attributes}
          {...register(name, { setValueAs: read })}
        />
      )}
    </Field>
  );
}

/** One of a few, or nothing said. */
export function OptionalSelect({
  name,
  label,
  names,
  noneMeans = 'not noted',
}: {
  name: string;
  label: string;
  names: readonly string[];
  noneMeans?: string;
}) {
  const { register } = useFormContext();
  return (
    <Field name={name} label={label}>
      {(attributes) => (
        <Form.Select size="sm" {...attributes} {...register(name, { setValueAs: asTyped })}>
          <option value="">{noneMeans}</option>
          <Options of={names} />
        </Form.Select>
      )}
    </Field>
  );
}
