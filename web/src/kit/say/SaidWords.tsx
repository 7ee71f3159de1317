import { potSaid, type PotNames, type RoughWord, type SentenceMark } from '@yellow-ledger/core';
import Button from 'react-bootstrap/Button';

export interface SaidWordsProps {
  id?: string;
  sentence: string;
  marks: readonly SentenceMark[];
  rough: readonly RoughWord[];
  names: PotNames;
  /** puts other words in the place of those that are marked */
  onSay: (sentence: string) => void;
}

/** The unclear parts of a sentence, with their possible meanings; and the assumed ones. */
export function SaidWords({ id, sentence, marks, rough, names, onSay }: SaidWordsProps) {
  return (
    <div id={id} className="said-words" aria-live="polite">
      {marks.map(({ from, to, message, choices, answers }) => (
        <p key={`${from} ${message}`} className="said-mark">
          <mark>{shortened(sentence.slice(from, to))}</mark> {message}.{' '}
          {choices?.slice(0, mostChoices).map((pot) => (
            <Button
              key={pot.id}
              variant="outline"
              size="sm"
              onClick={() =>
                onSay(sentence.slice(0, from) + potSaid(pot.id, { names }) + sentence.slice(to))
              }
            >
              {pot.name}
            </Button>
          ))}
          {answers?.map(({ label, by }) => (
            <Button
              key={label}
              variant="outline"
              size="sm"
              onClick={() => onSay(sentence.slice(0, from) + by + sentence.slice(to))}
            >
              {label}
            </Button>
          ))}
        </p>
      ))}
      {rough.map(({ from, to, means }) => (
        <p key={`${from} ${means}`}>
          <small>
            “{shortened(sentence.slice(from, to))}” is {means}; write the figure if you mean
            another.
          </small>
        </p>
      ))}
    </div>
  );
}

const mostChoices = 6;
const longest = 60;

const shortened = (words: string) =>
  words.length > longest ? `${words.slice(0, longest)} …` : words;
