import {
  isSameContent,
  lineSentence,
  potNamesOf,
  readLine,
  type Pot,
  type Recipe,
  type Step,
} from '@yellow-ledger/core';
import { useEffect, useId, useMemo, useRef, useState, type RefObject } from 'react';
import { afterTyping } from '../../../data/outbox/afterTyping';
import { SaidWords } from '../../../kit/say/SaidWords';
import { SayField } from '../../../kit/say/SayField';

export interface SayEditedProps {
  step: Step;
  recipe: Recipe;
  pots: readonly Pot[];
  /** the line as it is said now, called while it is typed; all of one opening is undone together */
  onSay: (step: Step, opening: string) => void;
  onDone: () => void;
  field?: RefObject<HTMLInputElement | null>;
}

/** A line that is there, shown as its sentence and edited in it. */
export function SayEdited({ step, recipe, pots, onSay, onDone, field }: SayEditedProps) {
  const names = potNamesOf(pots);
  const told = useId();
  const [opening] = useState(() => crypto.randomUUID());
  const beside = useMemo(
    () => ({
      names,
      recipe,
      above: recipe.steps.slice(
        0,
        recipe.steps.findIndex(({ id }) => id === step.id),
      ),
    }),
    [names, recipe, step.id],
  );
  const [sentence, setSentence] = useState(() => lineSentence(step, beside));
  // Lines that were said and have not come back yet, oldest first: one may come back after more was typed.
  const said = useRef<Step[]>([step]);
  useEffect(() => {
    const echo = said.current.findLastIndex((line) => isSameContent(line, step));
    said.current = echo < 0 ? [step] : said.current.slice(echo);
    // The line changed otherwise than by its sentence: in its fields, by undo, by somebody else.
    if (echo < 0) setSentence(lineSentence(step, beside));
  }, [step, beside]);
  const { marks, rough } = useMemo(
    () => readLine(sentence, beside, step.id),
    [sentence, beside, step.id],
  );
  const say = (next: string) => {
    setSentence(next);
    const { step: now, marks: unclear } = readLine(next, beside, step.id);
    // A half-typed sentence is no change yet.
    if (!now || unclear.length > 0 || next.trim() === '') return;
    const line = { ...now, ...(step.setAside && { setAside: step.setAside }) };
    if (isSameContent(line, said.current.at(-1))) return;
    said.current.push(line);
    afterTyping(said, () => onSay(line, opening));
  };
  return (
    <div className="stacked line-editor-said">
      <SayField
        label="The line in words"
        field={field}
        sentence={sentence}
        marks={marks}
        names={names}
        toldBy={told}
        onSay={say}
        onEnter={() => {
          if (marks.length === 0) onDone();
        }}
      />
      <SaidWords
        id={told}
        sentence={sentence}
        marks={marks}
        rough={rough}
        names={names}
        onSay={say}
      />
      {marks.length > 0 && (
        <p role="status">The line counts as it was until what is marked here is put right.</p>
      )}
    </div>
  );
}
