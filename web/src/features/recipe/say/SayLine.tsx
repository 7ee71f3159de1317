import {
  lacksPot,
  mostSteps,
  potNamesOf,
  readLine,
  unknownAsNote,
  type Pot,
  type Recipe,
  type Spot,
  type SpotSaid,
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
import { useShortcut } from '../../../kit/keyboard/useShortcut';
import { SaidWords } from '../../../kit/say/SaidWords';
import { SayField } from '../../../kit/say/SayField';
import type { RecipeWords } from '../../../kit/words/recipeWords';
import { SaidLine } from './SaidLine';

const hasRoom = ({ steps }: Recipe, more: number) => steps.length + more <= mostSteps;

const Line = memo(SaidLine);

export interface SayLineProps {
  recipe: Recipe;
  pots: readonly Pot[];
  /** other recipes, which a line may name; none while they are fetched */
  others?: readonly Recipe[];
  words: RecipeWords;
  /** puts lines after the others */
  onAdd: (steps: Step[]) => void;
  /** puts a line after the others, on a spot that is made for it */
  onAddOnSpot: (step: Step, spot: Spot) => void;
  /** puts all lines as a command changes them */
  onChange: (steps: Step[]) => void;
}

/** At the foot of the page: the next line, said as a painter says it, and shown at once. */
export function SayLine(props: SayLineProps) {
  const { recipe, pots, others, words, onAdd, onAddOnSpot, onChange } = props;
  const [sentence, setSentence] = useState('');
  const [stepId, setStepId] = useState(() => crypto.randomUUID());
  const [isAsked, setAsked] = useState(false);
  const field = useRef<HTMLInputElement>(null);
  const told = useId();
  const fieldId = useId();
  const names = potNamesOf(pots);
  const read = useCallback(
    (words: string) => readLine(words, { names, recipe, above: recipe.steps, others }, stepId),
    [names, recipe, stepId, others],
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
    // The understood part stands above the field, the rest below it: both must be visible.
    if (isSaid) form.current?.scrollIntoView({ block: 'nearest' });
  }, [isSaid, reading]);
  const say = (next: string) => {
    setSentence(next);
    setAsked(false);
    field.current?.focus();
  };
  const done = () => {
    setSentence('');
    setAsked(false);
    setStepId(crypto.randomUUID());
  };
  const add = () => {
    if (sentence.trim() === '') return;
    const { step, steps, change, marks } = sentence === shown ? reading : read(sentence);
    if (change) {
      onChange(change.steps);
      return done();
    }
    const lines = steps ?? (step ? [step] : []);
    if (marks.length > 0 || lines.length === 0 || !hasRoom(recipe, lines.length))
      return setAsked(true);
    onAdd(lines);
    done();
  };
  const addOnSpot = ({ name, share }: SpotSaid) => {
    if (!reading.step || reading.marks.length > 0 || isFull) return setAsked(true);
    onAddOnSpot(reading.step, { id: crypto.randomUUID(), name, share });
    done();
  };
  const lines = reading.steps ?? (reading.step ? [reading.step] : []);
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
      {isSaid &&
        !lacksPot(reading) &&
        lines.map((step, index) => (
          <Line
            key={step.id}
            step={step}
            recipe={
              index === 0
                ? recipe
                : { ...recipe, steps: [...recipe.steps, ...lines.slice(0, index)] }
            }
            words={words}
          />
        ))}
      {isSaid && reading.change && (
        <p role="status">
          <b>{reading.change.words}.</b> Enter does it; Undo at the top takes it back.
        </p>
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
          {reading.change ? 'Do it' : lines.length > 1 ? `Add ${lines.length} lines` : 'Add it'}
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
          {reading.marks.length === 0 &&
            reading.spots?.map((spot) => (
              <Button key={spot.name} variant="outline" size="sm" onClick={() => addOnSpot(spot)}>
                Make a spot “{spot.name}”, and add it there
              </Button>
            ))}
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
