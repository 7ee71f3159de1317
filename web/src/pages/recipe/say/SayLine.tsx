import {
  lacksPot,
  mostSteps,
  potNamesOf,
  readLine,
  unknownAsNote,
  type Pot,
  type Recipe,
  type Step,
} from '@yellow-ledger/core';
import Button from 'react-bootstrap/Button';
import {
  memo,
  useCallback,
  useDeferredValue,
  useEffect,
  useId,
  useMemo,
  useRef,
  useState,
} from 'react';
import { useShortcut } from '../../../parts/keyboard/useShortcut';
import { SaidWords } from '../../../parts/say/SaidWords';
import { SayField } from '../../../parts/say/SayField';
import type { RecipeWords } from '../../../parts/words/recipeWords';
import { SaidLine } from './SaidLine';

const Line = memo(SaidLine);

export interface SayLineProps {
  recipe: Recipe;
  pots: readonly Pot[];
  words: RecipeWords;
  /** puts the line after the others */
  onAdd: (step: Step) => void;
}

/** At the foot of the page: the next line, said as a painter says it, and shown at once. */
export function SayLine({ recipe, pots, words, onAdd }: SayLineProps) {
  const [sentence, setSentence] = useState('');
  const [stepId, setStepId] = useState(() => crypto.randomUUID());
  const [isAsked, setAsked] = useState(false);
  const field = useRef<HTMLInputElement>(null);
  const told = useId();
  const fieldId = useId();
  const names = potNamesOf(pots);
  const read = useCallback(
    (words: string) => readLine(words, { names, recipe, above: recipe.steps }, stepId),
    [names, recipe, stepId],
  );
  // A key that is typed does not wait until the line and its ribbon are drawn.
  const shown = useDeferredValue(sentence);
  const reading = useMemo(() => read(shown), [read, shown]);
  useShortcut('l', () => field.current?.focus());
  const isSaid = shown.trim() !== '';
  const isFull = recipe.steps.length >= mostSteps;
  const asNote = unknownAsNote(shown, reading.marks);
  const form = useRef<HTMLFormElement>(null);
  useEffect(() => {
    // What is understood stands above the field, what is not below it: both are to be seen.
    if (isSaid) form.current?.scrollIntoView({ block: 'nearest' });
  }, [isSaid, reading]);
  const say = (next: string) => {
    setSentence(next);
    setAsked(false);
    field.current?.focus();
  };
  const add = () => {
    if (sentence.trim() === '') return;
    const { step, marks } = sentence === shown ? reading : read(sentence);
    if (marks.length > 0 || !step || isFull) return setAsked(true);
    onAdd(step);
    setSentence('');
    setAsked(false);
    setStepId(crypto.randomUUID());
  };
  return (
    <form
      ref={form}
      className="stacked say-line"
      aria-label="Say a line"
      onSubmit={(event) => {
        event.preventDefault();
        add();
      }}
    >
      {isSaid && reading.step && !lacksPot(reading) && (
        <Line step={reading.step} recipe={recipe} words={words} />
      )}
      <div className="flow">
        <label className="say-label" htmlFor={fieldId}>
          Line {recipe.steps.length + 1}, in words
        </label>
        <SayField
          id={fieldId}
          label="The next line, in words"
          sentence={sentence}
          marks={isSaid ? reading.marks : []}
          names={names}
          field={field}
          toldBy={told}
          placeholder="2 ochre + 1 umber, half water, 2 coats, raised up, soft"
          onSay={(next) => {
            setSentence(next);
            setAsked(false);
          }}
          onEnter={add}
        />
        <Button type="submit" variant={isSaid ? 'next' : 'outline'} aria-disabled={!isSaid}>
          Add it
        </Button>
      </div>
      {isSaid && (
        <div className="stacked say-told">
          <SaidWords id={told} sentence={shown} names={names} {...reading} onSay={say} />
          {isAsked && (
            <p role="alert">
              {isFull
                ? `A recipe has up to ${mostSteps} lines; carry on in a second one.`
                : 'Not added yet: put what is marked in other words.'}
            </p>
          )}
          {asNote && (
            <Button variant="outline" size="sm" onClick={() => say(asNote)}>
              Keep what is marked as the line’s note
            </Button>
          )}
        </div>
      )}
    </form>
  );
}
