import Form from 'react-bootstrap/Form';
import { useFormContext } from 'react-hook-form';
import { Field } from './Field';

export interface NumberFieldProps {
  name: string;
  label: string;
  unit?: string;
  /** what the arrows step by; 'any' for figures that are measured rather than counted */
  step?: number | 'any';
}

/** A figure, in the form it stands in. What is no number is kept and said, not thrown away. */
export function NumberField({ name, label, unit, step = 'any' }: NumberFieldProps) {
  const { register } = useFormContext();
  return (
    <Field name={name} label={label} unit={unit}>
      {(attributes) => (
        <Form.Control
          size="sm"
          type="number"
          step={step}
          {...attributes}
          {...register(name, { valueAsNumber: true })}
        />
      )}
    </Field>
  );
}
