import { readNumber } from '@yellow-ledger/core';
import { useId, useState } from 'react';
import { NumberInput, type NumberInputProps } from './NumberInput';
import './field.scss';

export interface FigureFieldProps {
  label: string;
  /** it is clear from where it stands what it is */
  isLabelHidden?: boolean;
  value: number;
  isRight: (figure: number) => boolean;
  /** what would be right, as the end of a sentence */
  expected: string;
  /** called with every right figure */
  onFigure: (figure: number) => void;
  control?: Pick<NumberInputProps, 'step' | 'placeholder' | 'className'>;
}

/** A figure. What is not right stays as it was typed and is said; the last right one counts. */
export function FigureField(props: FigureFieldProps) {
  const { label, isLabelHidden = false, value, isRight, expected, onFigure, control } = props;
  const id = useId();
  /** what was typed and does not count; null while what counts is what stands there */
  const [wrong, setWrong] = useState<string | null>(null);
  const isAsking = wrong !== null && readNumber(wrong, isRight).is === 'unclear';
  return (
    <span className="field figure-field">
      <label htmlFor={id} className={isLabelHidden ? 'visually-hidden' : undefined}>
        {label}
      </label>
      <NumberInput
        id={id}
        {...control}
        aria-invalid={wrong !== null}
        aria-describedby={wrong === null || isAsking ? undefined : `${id}-error`}
        value={wrong ?? value}
        isRight={isRight}
        onTyped={(reading, text) => {
          const isCounted = reading.is === 'number' && isRight(reading.value);
          setWrong(isCounted ? null : text);
          if (isCounted) onFigure(reading.value);
        }}
      />
      {wrong !== null && !isAsking && (
        <span id={`${id}-error`} className="field-error" role="alert">
          {wrong.trim() === '' ? 'Empty' : `“${wrong}”`} is not right: {expected}.
        </span>
      )}
    </span>
  );
}
