import {
  lacksPot,
  type LineReading,
  unknownAsNote,
  type PotNames,
  type Recipe,
  type ProposedLine,
  type ReadProposedLine,
} from '@yellow-ledger/core';
import Button from 'react-bootstrap/Button';
import Form from 'react-bootstrap/Form';
import { SaidWords } from '../../../../kit/say/SaidWords';
import { SayField } from '../../../../kit/say/SayField';
import type { RecipeWords } from '../../../../kit/words/recipeWords';
import { SaidLine } from '../../say/SaidLine';

export interface ProposedLinesProps {
  read: readonly ReadProposedLine[];
  recipe: Recipe;
  words: RecipeWords;
  names: PotNames;
  onChange: (index: number, part: Partial<ProposedLine>) => void;
}

const linesOf = ({ steps, step }: LineReading) => steps ?? (step ? [step] : []);

/** The lines a text proposes, one below the other, each with the words it came from. */
export function ProposedLines({ read, recipe, words, names, onChange }: ProposedLinesProps) {
  const stepsAbove = (index: number) =>
    read
      .slice(0, index)
      .flatMap(({ isIn, reading, surface }) =>
        isIn && surface === read[index].surface ? linesOf(reading) : [],
      );
  return (
    <ol className="ruled" aria-label="Proposed lines">
      {read.map(({ words: from, sentence, isIn, isHeading = false, reading }, index) => {
        // Another surface is a recipe of its own.
        const own = read[index].surface === undefined ? recipe.steps : [];
        const before = { ...recipe, steps: [...own, ...stepsAbove(index)] };
        const asNote = unknownAsNote(sentence, reading.marks);
        const number = index + 1;
        const say = (next: string) => onChange(index, { sentence: next });
        return (
          <li key={number} className="stacked">
            <Form.Check
              id={`proposed-${number}`}
              label={
                isHeading ? (
                  <span>
                    <q dir="auto">{from}</q> is read as a heading
                  </span>
                ) : (
                  <q dir="auto">{from}</q>
                )
              }
              checked={isIn}
              onChange={({ target }) => onChange(index, { isIn: target.checked })}
            />
            {isIn && (
              <>
                <SayField
                  label={`Proposed line ${number}, in words`}
                  sentence={sentence}
                  marks={reading.marks}
                  names={names}
                  onSay={say}
                  onEnter={() => undefined}
                />
                <SaidWords sentence={sentence} names={names} {...reading} onSay={say} />
                {asNote && (
                  <Button variant="outline" size="sm" onClick={() => say(asNote)}>
                    Keep what is marked as the line’s note
                  </Button>
                )}
                {!lacksPot(reading) &&
                  linesOf(reading).map((step, at, steps) => (
                    <SaidLine
                      key={step.id}
                      step={step}
                      recipe={{ ...before, steps: [...before.steps, ...steps.slice(0, at)] }}
                      words={words}
                    />
                  ))}
              </>
            )}
          </li>
        );
      })}
    </ol>
  );
}
