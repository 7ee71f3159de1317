import { useId, type ReactNode } from 'react';
import Form from 'react-bootstrap/Form';
import './choice.scss';

export interface ChoiceProps {
  label: string;
  value: string | number;
  onChoose: (value: string) => void;
  /** the options */
  children: ReactNode;
}

/** One of a few, for looking at something rather than for keeping: it stands in no form. */
export function Choice({ label, value, onChoose, children }: ChoiceProps) {
  const id = useId();
  return (
    <div className="form-choice">
      <label htmlFor={id}>{label}</label>
      <Form.Select
        id={id}
        size="sm"
        value={value}
        onChange={(event) => onChoose(event.target.value)}
      >
        {children}
      </Form.Select>
    </div>
  );
}
