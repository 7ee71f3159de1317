import { readNumber, type NumberReading } from '@yellow-ledger/core';
import { useId, useState, type KeyboardEvent, type Ref } from 'react';
import Button from 'react-bootstrap/Button';
import Form from 'react-bootstrap/Form';
import type { FormControlProps } from 'react-bootstrap/FormControl';
import './field.scss';

export interface NumberInputProps extends Omit<
  FormControlProps,
  'value' | 'onChange' | 'type' | 'ref'
> {
  inputRef?: Ref<HTMLInputElement> | undefined;
  /** the number that counts; what was typed, where that is none; NaN or nothing where it is empty */
  value: unknown;
  /** what the arrow keys step by; 'any' steps by 1 */
  step?: number | 'any';
  /** decides between two readings of what was typed, where only one of them is right */
  isRight?: ((value: number) => boolean) | undefined;
  onTyped: (reading: NumberReading, text: string) => void;
}

/**
 * A number typed with a decimal comma or point. It shows what it read where that is written in
 * another way, and asks where two readings are possible.
 */
export function NumberInput({ value, step = 'any', isRight, onTyped, ...props }: NumberInputProps) {
  const { inputRef, onBlur, onKeyDown, 'aria-describedby': describedBy, ...control } = props;
  const hintId = useId();
  const [typed, setTyped] = useState<string | null>(null);
  const reading = typed === null ? null : readNumber(typed, isRight);
  // Shown as typed while it says what counts, so that "0," is not rewritten on the way to "0,5".
  const isAsTyped = reading !== null && typed !== null && saysTheSame(reading, typed, value);
  const text = isAsTyped ? typed : textOf(value);

  const take = (next: NumberReading, nextText: string | null) => {
    setTyped(nextText);
    onTyped(next, nextText ?? textOf((next as { value?: number }).value));
  };
  const stepByArrow = (event: KeyboardEvent<HTMLInputElement>) => {
    onKeyDown?.(event);
    const direction = event.key === 'ArrowUp' ? 1 : event.key === 'ArrowDown' ? -1 : 0;
    if (direction === 0 || typeof value !== 'number' || Number.isNaN(value)) return;
    event.preventDefault();
    const next = withoutNoise(value + direction * (step === 'any' ? 1 : step));
    if (isRight === undefined || isRight(next)) take({ is: 'number', value: next }, null);
  };
  const isHinted = isAsTyped && reading.is === 'number' && isOtherwiseWritten(text, reading.value);
  return (
    <>
      <Form.Control
        size="sm"
        inputMode={step === 1 ? 'numeric' : 'decimal'}
        autoComplete="off"
        {...control}
        aria-describedby={[describedBy, isHinted && hintId].filter(Boolean).join(' ') || undefined}
        ref={inputRef}
        value={text}
        onChange={({ target }) => take(readNumber(target.value, isRight), target.value)}
        onKeyDown={stepByArrow}
        onBlur={(event) => {
          if (reading?.is === 'number') setTyped(null);
          onBlur?.(event);
        }}
      />
      {isHinted && (
        <span className="number-hint-place">
          <span id={hintId} className="number-hint" role="status">
            read as {textOf(reading.value)}
          </span>
        </span>
      )}
      {isAsTyped && reading.is === 'unclear' && (
        <span className="number-hint-place">
          <span className="number-hint number-question" role="alert">
            “{text}” can be read in two ways:
            {[reading.asDecimal, reading.asThousands].map((meant, index) => (
              <Button
                key={meant}
                variant="plain"
                onClick={() => take({ is: 'number', value: meant }, null)}
              >
                {textOf(meant)} ({index === 0 ? 'decimal' : 'whole number'})
              </Button>
            ))}
          </span>
        </span>
      )}
    </>
  );
}

/** The text shown for a value: empty for no value, a text as it was typed. */
function textOf(value: unknown): string {
  if (value === null || value === undefined || Number.isNaN(value)) return '';
  return String(value);
}

function saysTheSame(reading: NumberReading, typed: string, value: unknown): boolean {
  if (reading.is === 'number') return Object.is(reading.value, value);
  if (reading.is === 'empty') return textOf(value) === '';
  // A field that keeps the last right number beside what is typed has no text as its value.
  return typeof value !== 'string' || value === typed;
}

/** Whether somebody may wonder how it was read: a point says it as plainly as it can be said. */
const isOtherwiseWritten = (text: string, value: number) =>
  /[,\s\u00a0\u202f'’]/u.test(text.trim()) && text.trim() !== textOf(value);

/** @example withoutNoise(0.1 + 0.2) // → 0.3 */
const withoutNoise = (value: number) => Number(value.toPrecision(12));
