import { useId } from 'react';
import Form from 'react-bootstrap/Form';

export interface CheckboxGroupProps<Value> {
  legend: string;
  options: readonly { value: Value; name: string }[];
  ticked: readonly Value[];
  /** so many at once */
  most?: number;
  /** called with those ticked, in the order of the options */
  onTicked: (ticked: Value[]) => void;
}

/** Several of a few. */
export function CheckboxGroup<Value extends string | number>(props: CheckboxGroupProps<Value>) {
  const { legend, options, ticked, most = Infinity, onTicked } = props;
  // Another group on the page may have the same legend and the same values.
  const group = useId();
  return (
    <fieldset className="ticks">
      <legend>{legend}</legend>
      {options.map(({ value, name }) => (
        <Form.Check
          key={value}
          inline
          id={`${group} ${value}`}
          label={<span dir="auto">{name}</span>}
          checked={ticked.includes(value)}
          disabled={ticked.length >= most && !ticked.includes(value)}
          onChange={({ target }) => {
            const isTicked = (each: Value) =>
              each === value ? target.checked : ticked.includes(each);
            onTicked(options.flatMap((each) => (isTicked(each.value) ? [each.value] : [])));
          }}
        />
      ))}
    </fieldset>
  );
}
