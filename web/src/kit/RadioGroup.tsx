import { useId } from 'react';
import Form from 'react-bootstrap/Form';

export interface RadioGroupProps<Value> {
  /** what is chosen, for who does not see it */
  label: string;
  options: readonly { value: Value; name: string }[];
  chosen: Value;
  onChoose: (value: Value) => void;
}

/** One of a few that all stand open. */
export function RadioGroup<Value extends string>(props: RadioGroupProps<Value>) {
  const { label, options, chosen, onChoose } = props;
  const id = useId();
  return (
    <div role="radiogroup" aria-label={label}>
      {options.map(({ value, name }) => (
        <Form.Check
          key={value}
          inline
          type="radio"
          id={id + value}
          name={id}
          label={name}
          checked={chosen === value}
          onChange={() => onChoose(value)}
        />
      ))}
    </div>
  );
}
