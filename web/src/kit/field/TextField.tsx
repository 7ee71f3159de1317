import Form, { type FormProps } from 'react-bootstrap/Form';
import { useFormContext } from 'react-hook-form';
import { Field } from './Field';

export interface TextFieldProps extends Pick<FormProps, 'className'> {
  name: string;
  label: string;
  /** the cursor stands in it when the form opens */
  isFirst?: boolean;
}

/** A line of text, for use inside a form. */
export function TextField({ name, label, isFirst, ...control }: TextFieldProps) {
  const { register } = useFormContext();
  return (
    <Field name={name} label={label}>
      {(attributes) => (
        <Form.Control
          size="sm"
          dir="auto"
          autoFocus={isFirst}
          autoComplete="off"
          {...control}
          {...attributes}
          {...register(name)}
        />
      )}
    </Field>
  );
}
