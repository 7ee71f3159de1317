import {
  guessedByName,
  guessedByNameNote,
  mostNames,
  namesListed,
  type GuessedPot,
} from '@yellow-ledger/core';
import Button from 'react-bootstrap/Button';
import { useState } from 'react';
import { WordsField } from '../../kit/field/WordsField';
import { isOnShelf, type Begun } from './begun';
import type { WayProps } from './wayProps';

const mostLetters = 100_000;

/** Names one a line, typed or from the clipboard. */
export function FromNames({ onBegun, shelf }: WayProps) {
  const [text, setText] = useState('');
  const [problem, setProblem] = useState<string | null>(null);
  const read = (from: string) => {
    if (from.length > mostLetters)
      return setProblem(
        `A list of up to ${mostLetters.toLocaleString('en')} characters is read; this one has ${from.length.toLocaleString('en')}.`,
      );
    const names = namesListed(from);
    setProblem(
      names.length > mostNames
        ? `The list has ${names.length.toLocaleString('en')} names; up to ${mostNames} are taken at once. The first ${mostNames} are below.`
        : names.length === 0
          ? 'There is no name in it yet: write one a line.'
          : null,
    );
    const guessed = names.slice(0, mostNames).map((name): Begun => {
      const { by, ...guess } = guessedByName(name);
      const isKnown = by !== 'nothing';
      return {
        key: name,
        // A pot of unknown colour would be predicted from a colour that is not its own.
        isIn: isKnown && !isOnShelf(name, shelf),
        name,
        ...guess,
        hidingIsGuess: true,
        notes: isKnown ? guessedByNameNote : 'Colour not known yet.',
        tells: tells[by],
      };
    });
    // Those that still need a colour stand together at the end.
    const isUnknown = ({ tells: says }: Begun) => says === tells.nothing;
    onBegun([...guessed.filter((each) => !isUnknown(each)), ...guessed.filter(isUnknown)]);
  };
  const paste = async () => {
    try {
      const pasted = await navigator.clipboard.readText();
      setText(pasted);
      read(pasted);
    } catch {
      setProblem('The browser does not give the clipboard away: press Ctrl V in the field.');
    }
  };
  return (
    <div className="stacked fill-way">
      <WordsField label="Names of pots, one a line" rows={6} words={text} onWords={setText} />
      {problem && <p role="status">{problem}</p>}
      <div className="flow">
        <Button variant="next" onClick={() => read(text)}>
          Check these names
        </Button>
        <Button variant="outline" onClick={() => void paste()}>
          Paste from the clipboard
        </Button>
      </div>
    </div>
  );
}

const tells: Record<GuessedPot['by'], string> = {
  pigment: 'Guessed from the pigment: bottles of one name differ.',
  clear: 'This kind has no colour.',
  word: 'Colour guessed from the name: check it.',
  nothing: 'The name tells no colour: choose one to add it.',
};
