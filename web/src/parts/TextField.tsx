import Form, { type FormProps } from 'react-bootstrap/Form';
import { useFormContext } from 'react-hook-form';
import { Field } from './Field';

export interface TextFieldProps extends Pick<FormProps, 'className' | 'autoFocus'> {
  name: string;
  label: string;
}

/** A line of text, in the form it stands in. */
export function TextField({ name, label, ...control }: TextFieldProps) {
  const { register } = useFormContext();
  return (
    <Field name={name} label={label}>
      {(attributes) => (
        <Form.Control
          size="sm"
          dir="auto"
          autoComplete="off"
          {...control}
          {...attributes}
          {...register(name)}
        />
      )}
    </Field>
  );
}
