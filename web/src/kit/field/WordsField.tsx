import Form from 'react-bootstrap/Form';
import { useId } from 'react';

export interface WordsFieldProps {
  label: string;
  rows: number;
  words: string;
  onWords: (words: string) => void;
}

/** Several lines of words under their label, in whatever direction they are written. */
export function WordsField({ label, rows, words, onWords }: WordsFieldProps) {
  const id = useId();
  return (
    <>
      <Form.Label htmlFor={id}>{label}</Form.Label>
      <Form.Control
        as="textarea"
        id={id}
        rows={rows}
        dir="auto"
        value={words}
        onChange={({ target }) => onWords(target.value)}
      />
    </>
  );
}
