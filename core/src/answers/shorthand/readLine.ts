import { stepSchema, type Step } from '../../written/recipe/step';
import { readAsInOther } from './asInOther';
import { lineFrom } from './lineFrom';
import type { LineReading } from './lineReading';
import { mostLetters, readSentence } from './strict/readSentence';
import type { Beside, Said } from './said';
import { readCommand } from './commands/readCommand';
import { readSpeech } from './speech/readSpeech';
import { withSaid } from './withSaid';

/**
 * Reads a sentence and makes a line of it. With `marks` in it the line is what the rest of the
 * sentence says.
 *
 * @param id the identifier the line is to have
 */
export function readLine(sentence: string, beside: Beside, id: string): LineReading {
  const command = readCommand(sentence, beside);
  if (command) {
    const { change, marks } = command;
    return { said: { parts: [] }, rough: [], step: null, marks, ...(change && { change }) };
  }
  const ofOther = readAsInOther(sentence, beside, id, (rest) => readLine(rest, beside, id));
  if (ofOther) return ofOther;
  const asWritten = readWritten(sentence, beside, id);
  const isUnderstood = asWritten.marks.length === 0 && !isSpoken(sentence);
  if (isUnderstood || isWritten(sentence) || sentence.length > mostLetters) return asWritten;
  return readSpeech(sentence, beside, id, lineOf) ?? inOtherWords(sentence, asWritten);
}

/** So many words none of which is known are another language. */
const mostUnknown = 4;

/** One mark for a sentence of which no word is known. */
function inOtherWords(sentence: string, reading: LineReading): LineReading {
  const words = sentence.match(/\p{L}+/gu)?.length ?? 0;
  const isNothing = reading.said.parts.length === 0 && Object.keys(reading.said).length === 1;
  if (words < mostUnknown || !isNothing || reading.marks.length === 0) return reading;
  const message = 'has no word of painting that is known here: sentences are read in English';
  return { ...reading, step: null, marks: [{ from: 0, to: sentence.length, message }] };
}

/** Reads a sentence as the ledger writes it itself: every word counts, and what does not is marked. */
export function readWritten(sentence: string, beside: Beside, id: string): LineReading {
  const reading = readSentence(sentence, beside);
  if (reading.said.parts.length === 0 && beside.names.pots.length === 0)
    return { ...reading, step: null };
  const step = lineOf(reading.said, beside, id);
  const checked = stepSchema.safeParse(step);
  if (checked.success) return { ...reading, step };
  const whole = { from: 0, to: sentence.length };
  const marks = checked.error.issues.map(({ message }) => ({ ...whole, message }));
  return { ...reading, marks: [...reading.marks, ...marks], step: null };
}

/** “As line 2, on the underside”: that line with what else was said. */
function lineOf({ like, ...said }: Said, beside: Beside, id: string): Step {
  const same = like === undefined ? undefined : beside.above.at(like - 1);
  return same ? { ...withSaid(same, said, beside), id } : lineFrom(said, beside, id);
}

/** Whether a pot of it is not known yet: what the rest says is then no line to be shown. */
export const lacksPot = ({ marks }: Pick<LineReading, 'marks'>): boolean =>
  marks.some(({ isNoPot, choices }) => isNoPot === true || choices !== undefined);

const stop = '(?:pit|recess|shadow|mid|raised|crown|edge|point)';
/** Figures and words that only the ledger’s own way of writing has: a mistake in them is told as one. */
const written = new RegExp(
  [
    '\\b(?:tone|within|softness|soft|density|along|height) [\\d.]',
    '\\bdry [\\d½¼¾]',
    '\\bthe last [\\d.]+(?![\\d.]| ?(?:%|per))',
    '\\brepairs line|\\bnote "|\\bcoats at (?:field|table|display)|\\bfrom (?:field|table|display)\\b',
    '\\bit (?:covers|tints|marks)\\b|\\bleft out\\b|\\bspot "|\\bstrokes towards the p|\\beven strokes',
    `(?:^|, )${stop} (?:up|down|only)(?:,|$)|(?:^|, )${stop} to ${stop}(?:,|$)`,
    '\\bfacing [\\w ]+ within|\\bfacing any side',
  ].join('|'),
  'iu',
);

/** Words that painters use otherwise than the ledger writes them; what is in quotes is a name or a note. */
const spoken =
  /\b(?:that|back(?! within)|same|leave|leaving|but|over|into|wash(?:es|ed)?|mid ?tones?|on the|in the)\b/iu;

const isSpoken = (sentence: string): boolean =>
  spoken.test(sentence.replace(/"(?:[^"\\]|\\.)*"?/gu, ''));

const isWritten = (sentence: string): boolean => written.test(sentence);
