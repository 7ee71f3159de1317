import { useId, type ReactNode } from 'react';
import Form from 'react-bootstrap/Form';
import './select.scss';

/** Something that is called by its name, or a word that stands for itself. */
export type Option = string | number | { id: string | number; name: string };

export interface SelectProps<Value extends string> {
  label: string;
  value: Value | number;
  onChoose: (value: Value) => void;
  options?: readonly Option[];
  /** options before these, as for choosing none */
  children?: ReactNode;
}

/** One of a few, for looking at something rather than for keeping: it stands in no form. */
export function Select<Value extends string = string>(props: SelectProps<Value>) {
  const { label, value, onChoose, options = [], children } = props;
  const id = useId();
  return (
    <div className="form-choice">
      <label htmlFor={id}>{label}</label>
      <Form.Select
        id={id}
        size="sm"
        value={value}
        onChange={(event) => onChoose(event.target.value as Value)}
      >
        {children}
        <Options of={options} />
      </Form.Select>
    </div>
  );
}

/** The options, in any field. */
export function Options({ of }: { of: readonly Option[] }) {
  return of.map((option) => {
    const { id, name } = typeof option === 'object' ? option : { id: option, name: option };
    return (
      <option key={id} value={id}>
        {name}
      </option>
    );
  });
}
