import { useId, useState } from 'react';
import Form from 'react-bootstrap/Form';
import type { FormControlProps } from 'react-bootstrap/FormControl';
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
  control?: FormControlProps & { min?: number; max?: number };
}

/** A figure. What is not right stays as it was typed and is said; the last right one counts. */
export function FigureField(props: FigureFieldProps) {
  const { label, isLabelHidden = false, value, isRight, expected, onFigure, control } = props;
  const id = useId();
  // Null while what counts is what stands there.
  const [typed, setTyped] = useState<string | null>(null);
  const read = (text: string) => (text.trim() === '' ? NaN : Number(text.replace(',', '.')));
  const isWrong = typed !== null && !isRight(read(typed));
  return (
    <span className="field figure-field">
      <label htmlFor={id} className={isLabelHidden ? 'visually-hidden' : undefined}>
        {label}
      </label>
      <Form.Control
        id={id}
        size="sm"
        {...control}
        aria-invalid={isWrong}
        aria-describedby={isWrong ? `${id}-error` : undefined}
        value={typed ?? value}
        onChange={(event) => {
          const { value: text } = event.target;
          setTyped(text);
          if (isRight(read(text))) onFigure(read(text));
        }}
        onBlur={() => !isWrong && setTyped(null)}
      />
      {isWrong && (
        <span id={`${id}-error`} className="field-error" role="alert">
          {typed.trim() === '' ? 'Empty' : `“${typed}”`} is not right: {expected}.
        </span>
      )}
    </span>
  );
}
