import { mostSteps } from '../recipe/recipe';
import type { Step } from '../recipe/step';
import { lacksPot, readLine, type LineReading } from './readLine';
import type { Beside } from './said';
import { textSteps } from './textSteps';
import { unknownAsNote } from './unknownAsNote';

/** A text longer than this is not read. */
export const mostTextLetters = 20_000;

/** A line that a text proposes. */
export interface ProposedLine {
  /** the words of the text it came from */
  words: string;
  /** as it is read; the words, until they are put otherwise */
  sentence: string;
  /** to go into the recipe */
  isIn: boolean;
}

/** A proposed line with what its sentence comes to. */
export interface ReadProposedLine extends ProposedLine {
  reading: LineReading;
}

/** What a text comes to. */
export interface TextProposal {
  lines: ProposedLine[];
  /** steps beyond what a recipe holds */
  leftOut: number;
}

/**
 * The lines a text proposes, one below the other. Words that are of no line at all are not to go
 * in, and what is not understood beside what is becomes the line’s note.
 *
 * @param text up to 20,000 characters
 * @throws RangeError for a longer one
 */
export function proposedLines(text: string, beside: Beside): TextProposal {
  if (text.length > mostTextLetters)
    throw new RangeError(
      `A text of up to ${mostTextLetters.toLocaleString('en')} characters is read; this one has ${text.length.toLocaleString('en')}.`,
    );
  const steps = textSteps(text);
  const asSaid = steps
    .slice(0, mostSteps)
    .map(({ words }) => ({ words, sentence: words, isIn: true }));
  const lines = readProposed(asSaid, beside).map(({ words, reading }) => {
    const { parts, ...rest } = reading.said;
    const isProse = parts.length === 0 && Object.keys(rest).length === 0 && !lacksPot(reading);
    const asNote = isProse || parts.length === 0 ? null : unknownAsNote(words, reading.marks);
    return { words, sentence: asNote ?? words, isIn: !isProse };
  });
  return { lines, leftOut: steps.length - lines.length };
}

/** Each is read beside those above it that go in; “line 2” is the second of the text. */
export function readProposed(lines: readonly ProposedLine[], beside: Beside): ReadProposedLine[] {
  const above: Step[] = [...beside.above];
  return lines.map((line, index) => {
    const read = { ...beside, above: [...above], uncounted: beside.above.length };
    const reading = readLine(line.sentence, read, `text-${index + 1}`);
    if (line.isIn && reading.step) above.push(reading.step);
    return { ...line, reading };
  });
}

/** The lines that go into the recipe: those that are in, and in which nothing waits. */
export const stepsOf = (read: readonly ReadProposedLine[]): Step[] =>
  read.flatMap(({ isIn, reading: { step, marks } }) =>
    isIn && step && marks.length === 0 ? [step] : [],
  );

/** Names that stand where a pot is to be and are on none, each once. */
export function unknownPots(read: readonly ReadProposedLine[]): string[] {
  const names = read.filter(({ isIn }) => isIn).flatMap((line) => unknownIn(line).map(at(line)));
  const small = names.map((name) => name.toLowerCase());
  return names.filter((_, index) => small.indexOf(small[index]) === index);
}

/** The lines with a name put in the place of another, wherever it was not known. */
export const withNamed = (
  read: readonly ReadProposedLine[],
  name: string,
  by: string,
): ProposedLine[] =>
  read.map((line) => {
    const sentence = unknownIn(line)
      .filter((mark) => at(line)(mark).toLowerCase() === name.toLowerCase())
      .toReversed()
      .reduce((text, { from, to }) => text.slice(0, from) + by + text.slice(to), line.sentence);
    return { words: line.words, sentence, isIn: line.isIn };
  });

const unknownIn = ({ reading }: ReadProposedLine) => reading.marks.filter(({ isNoPot }) => isNoPot);

const at =
  ({ sentence }: ReadProposedLine) =>
  ({ from, to }: { from: number; to: number }) =>
    sentence.slice(from, to);
