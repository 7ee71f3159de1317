import type { Step } from '../recipe/step';
import { readLine, type LineReading } from './readLine';
import type { Beside } from './said';
import { textSteps, type TextStep } from './textSteps';

/** A text longer than this is not read. */
export const mostTextLetters = 20_000;
/** More lines than this no recipe holds. */
const mostProposed = 60;

/** A line proposed for words of a text. */
export interface ProposedLine extends TextStep {
  reading: LineReading;
  /** nothing in it is of ours: it may be no line at all */
  isProse: boolean;
}

/** What a text comes to. */
export interface TextReading {
  lines: ProposedLine[];
  /** steps beyond what a recipe holds */
  leftOut: number;
  /** names that stand where a pot is to be and are on no pot, each once */
  unknownPots: string[];
}

/**
 * The lines a text proposes, one below the other; each is read beside those above it, and “line 2”
 * is the second of the text. Nothing is left out without a word: what is not understood is marked.
 *
 * @param text up to 20,000 characters
 * @throws RangeError for a longer one
 */
export function readText(text: string, beside: Beside): TextReading {
  if (text.length > mostTextLetters)
    throw new RangeError(
      `A text of up to ${mostTextLetters.toLocaleString('en')} characters; this one has ${text.length.toLocaleString('en')}.`,
    );
  const steps = textSteps(text);
  const above: Step[] = [...beside.above];
  const lines = steps.slice(0, mostProposed).map((step, index): ProposedLine => {
    const read = { ...beside, above, uncounted: beside.above.length };
    const reading = readLine(step.words, read, `text-${index + 1}`);
    const { parts, ...rest } = reading.said;
    const isProse = parts.length === 0 && Object.keys(rest).length === 0;
    if (reading.step && !isProse) above.push(reading.step);
    return { ...step, reading, isProse };
  });
  const names = lines.flatMap(({ words, reading }) =>
    reading.marks.flatMap(({ isNoPot, from, to }) => (isNoPot ? [words.slice(from, to)] : [])),
  );
  const unknownPots = names.filter(
    (name, index) => names.findIndex((each) => each.toLowerCase() === name.toLowerCase()) === index,
  );
  return { lines, leftOut: Math.max(0, steps.length - mostProposed), unknownPots };
}
