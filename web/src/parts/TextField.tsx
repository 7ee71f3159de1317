import Form from 'react-bootstrap/Form';
import { useFormContext } from 'react-hook-form';
import { Field } from './Field';

/** A line of text, in the form it stands in. */
export function TextField({ name, label }: { name: string; label: string }) {
  const { register } = useFormContext();
  return (
    <Field name={name} label={label}>
      {(attributes) => (
        <Form.Control size="sm" dir="auto" autoComplete="off" {...attributes} {...register(name)} />
      )}
    </Field>
  );
}
