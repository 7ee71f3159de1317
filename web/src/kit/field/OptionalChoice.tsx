import Form from 'react-bootstrap/Form';
import { useFormContext } from 'react-hook-form';
import { Options, type Option } from '../Select';
import { Field } from './Field';

export interface OptionalChoiceProps {
  name: string;
  label: string;
  options: readonly Option[];
  /** what it is called to say nothing */
  none: string;
}

/** One of a few or nothing said, for use inside a form. */
export function OptionalChoice({ name, label, options, none }: OptionalChoiceProps) {
  const { register } = useFormContext();
  return (
    <Field name={name} label={label}>
      {(attributes) => (
        <Form.Select
          size="sm"
          {...attributes}
          {...register(name, { setValueAs: (typed: unknown) => (typed ? typed : undefined) })}
        >
          <option value="">{none}</option>
          <Options of={options} />
        </Form.Select>
      )}
    </Field>
  );
}
