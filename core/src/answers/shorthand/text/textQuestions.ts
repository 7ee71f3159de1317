import type { PotNames } from '../potNames';
import { potSaid } from '../lineSentence';
import type { ProposedLine, ReadProposedLine } from './proposedLines';

/** So many questions are asked of a text; what else waits is marked in its line. */
export const mostQuestions = 3;

/** Words a press puts in the place of those that are asked about. */
export interface Answer {
  label: string;
  by: string;
}

/** Something asked once of a whole text. */
export interface TextQuestion {
  /** the words it is about */
  words: string;
  message: string;
  answers: Answer[];
  /** rows it stands in, from 0 */
  rows: number[];
}

/**
 * The questions of a text, each once, those first that most rows wait for.
 *
 * @param most questions at most
 */
export function textQuestions(
  read: readonly ReadProposedLine[],
  names: PotNames,
  most = mostQuestions,
): TextQuestion[] {
  const asked = new Map<string, TextQuestion>();
  read.forEach((line, row) => {
    if (!line.isIn) return;
    for (const { from, to, message, choices = [], answers = [] } of line.reading.marks) {
      const words = line.sentence.slice(from, to);
      const all = [
        ...choices.map(({ id, name }) => ({ label: name, by: potSaid(id, { names }) })),
        ...answers,
      ];
      if (all.length === 0) continue;
      const key = `${words.toLowerCase()} ${message}`;
      const question = asked.get(key) ?? { words, message, answers: all, rows: [] };
      if (!question.rows.includes(row)) question.rows.push(row);
      asked.set(key, question);
    }
  });
  return [...asked.values()]
    .sort((one, other) => other.rows.length - one.rows.length)
    .slice(0, Math.max(0, most));
}

/** The lines with an answer put in wherever its question was asked. */
export const withAnswer = (
  read: readonly ReadProposedLine[],
  { words, message }: TextQuestion,
  { by }: Answer,
): ProposedLine[] =>
  read.map(({ reading, surface: _surface, ...line }) => ({
    ...line,
    sentence: reading.marks
      .filter(
        (mark) =>
          mark.message === message &&
          line.sentence.slice(mark.from, mark.to).toLowerCase() === words.toLowerCase(),
      )
      .toSorted((one, other) => other.from - one.from)
      .reduce((text, { from, to }) => text.slice(0, from) + by + text.slice(to), line.sentence),
  }));
