import { useId } from 'react';
import Form from 'react-bootstrap/Form';

export interface SwitchProps {
  label: string;
  isOn: boolean;
  onTurn: (isOn: boolean) => void;
  isDisabled?: boolean;
}

/** Turned on or off at once; it stands in no form. */
export function Switch({ label, isOn, onTurn, isDisabled = false }: SwitchProps) {
  return (
    <Form.Check
      type="switch"
      id={useId()}
      label={label}
      checked={isOn}
      disabled={isDisabled}
      onChange={(event) => onTurn(event.target.checked)}
    />
  );
}
