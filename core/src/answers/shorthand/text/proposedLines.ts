import { mostSteps } from '../../../written/recipe/recipe';
import type { Step } from '../../../written/recipe/step';
import type { LineReading } from '../lineReading';
import { lacksPot, readLine } from '../readLine';
import type { Beside } from '../said';
import { mixNames } from '../speech/mixNames';
import { noteRowKind } from '../speech/noteRow';
import { textSteps } from './textSteps';

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
  /** the name of a surface: what stands below it is painted on that */
  isHeading?: true;
}

/** A proposed line with what its sentence comes to. */
export interface ReadProposedLine extends ProposedLine {
  reading: LineReading;
  /** which surface of the text it is of, counted from 1 for the second; the first where not said */
  surface?: number;
}

/** The lines proposed by a text. */
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
  const rows = textSteps(text)
    .map((row) => ({ ...row, kind: noteRowKind(row.words, beside, row.isHeading) }))
    // “Base:” above a line says its part in the scheme, and is no surface.
    .filter(({ isHeading, kind }) => !isHeading || kind === 'heading');
  const asRows = rows.slice(0, mostSteps).map(({ words, kind }) => ({
    words,
    sentence: words,
    isIn: kind === 'line',
    ...(kind === 'heading' && { isHeading: true as const }),
  }));
  const lines = readProposed(asRows, beside).map(({ reading, surface: _surface, ...line }) => {
    const { parts, note: _note, ...rest } = reading.said;
    const isProse = parts.length === 0 && Object.keys(rest).length === 0 && !lacksPot(reading);
    return { ...line, isIn: line.isIn && !isProse };
  });
  return { lines, leftOut: rows.length - lines.length };
}

/** Each is read beside those above it that go in; “line 2” is the second of the text. */
export function readProposed(lines: readonly ProposedLine[], beside: Beside): ReadProposedLine[] {
  let above: Step[] = [...beside.above];
  let uncounted = beside.above.length;
  let surface = 0;
  const mixes = new Map<string, number>();
  return lines.map((line, index) => {
    // A second heading begins another surface: nothing of the first lies below it.
    if (line.isHeading && above.length > uncounted) {
      above = [];
      uncounted = 0;
      surface++;
      mixes.clear();
    }
    const read = { ...beside, above: [...above], uncounted, mixes };
    const reading = readLine(line.sentence, read, `text-${index + 1}`);
    // A row that waits lends nothing to the rows below it.
    if (line.isIn && reading.marks.length === 0) {
      above.push(...(reading.steps ?? (reading.step ? [reading.step] : [])));
      for (const name of mixNames(line.sentence)) mixes.set(name, above.length);
    }
    return { ...line, reading, ...(surface > 0 && { surface }) };
  });
}

/** The lines that go into a recipe: those that are in, and in which nothing waits. @param of the number of the surface */
export const stepsOf = (read: readonly ReadProposedLine[], of = 0): Step[] =>
  read.flatMap(({ isIn, surface = 0, reading: { step, steps, marks } }) =>
    isIn && step && marks.length === 0 && surface === of ? (steps ?? [step]) : [],
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
