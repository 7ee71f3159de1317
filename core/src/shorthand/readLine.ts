import { stepSchema, type Step } from '../recipe/step';
import { lineFrom } from './lineFrom';
import { mostLetters, readSentence } from './readSentence';
import type { Beside, Reading, Said } from './said';
import { readCommand, type SaidChange } from './speech/commands';
import { readSpeech } from './speech/readSpeech';
import { withSaid } from './withSaid';

/** A sentence as it was read, and the line it makes; none where it cannot be one. */
export interface LineReading extends Reading {
  step: Step | null;
  /** where one sentence makes several: all of them, `step` the first */
  steps?: Step[];
  /** where it changes the lines that are there */
  change?: SaidChange;
}

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
  const written = readWritten(sentence, beside, id);
  if (isFormal.test(sentence) || (written.marks.length === 0 && !isSpoken(sentence)))
    return written;
  if (sentence.length > mostLetters) return written;
  return readSpeech(sentence, beside, id, lineOf) ?? written;
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

/** Figures and names that only the ledger’s own way of writing has: a mistake in them is told as one. */
const isFormal =
  /\b(?:tone|within|softness|soft|density|along|height) [\d.]|\bdry [\d½¼¾]|\bthe last [\d.]|\brepairs line|\bnote "|\bcoats at (?:field|table|display)|\bit (?:covers|tints|marks)\b/iu;

/** Words that painters use otherwise than the ledger writes them; what is in quotes is a name or a note. */
const spoken = /\b(?:that|back(?! within)|same|leave|leaving|but|over|into)\b/iu;

const isSpoken = (sentence: string): boolean =>
  spoken.test(sentence.replace(/"(?:[^"\\]|\\.)*"?/gu, ''));
