import Form from 'react-bootstrap/Form';
import { useFormContext } from 'react-hook-form';
import { Options, type Option } from '../Select';
import { Field } from './Field';

export interface SelectFieldProps {
  name: string;
  label: string;
  options: readonly Option[];
  /** the cursor stands in it when the form opens */
  isFirst?: boolean;
  /** called with what was chosen, after the form has taken it */
  onChosen?: (value: string) => void;
}

/** One of a few, for use inside a form. */
export function SelectField({ name, label, options, isFirst, onChosen }: SelectFieldProps) {
  const { register } = useFormContext();
  const onChange = (event: { target: { value: string } }) => onChosen?.(event.target.value);
  return (
    <Field name={name} label={label}>
      {(attributes) => (
        <Form.Select
          size="sm"
          autoFocus={isFirst}
          {...attributes}
          {...register(name, { onChange })}
        >
          <Options of={options} />
        </Form.Select>
      )}
    </Field>
  );
}
