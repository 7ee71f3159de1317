import { useId } from 'react';
import Button, { type ButtonProps } from 'react-bootstrap/Button';

export interface ReasonButtonProps extends Omit<ButtonProps, 'disabled'> {
  /** why it cannot be pressed yet, as a sentence; null where it can */
  why: string | null;
  /** pressed already, and at work */
  isBusy?: boolean;
}

/** A button that says beside it why it is grey. */
export function ReasonButton({ why, isBusy = false, ...button }: ReasonButtonProps) {
  const id = useId();
  return (
    <span className="reason-button">
      <Button
        {...button}
        disabled={isBusy || why !== null}
        aria-describedby={why === null ? undefined : id}
      />
      {why !== null && <small id={id}>{why}</small>}
    </span>
  );
}
