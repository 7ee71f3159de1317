import Form from 'react-bootstrap/Form';
import { useFormContext } from 'react-hook-form';
import { Field } from './Field';

/** A few lines of the painter's own words, for use inside a form. */
export function NoteField({ name, label, rows }: { name: string; label: string; rows: number }) {
  const { register } = useFormContext();
  return (
    <Field name={name} label={label}>
      {(attributes) => (
        <Form.Control
          as="textarea"
          rows={rows}
          size="sm"
          dir="auto"
          {...attributes}
          {...register(name)}
        />
      )}
    </Field>
  );
}
