import {
  readLine,
  type Beside,
  type LineReading,
  type Step,
  type TextStep,
} from '@yellow-ledger/core';
import { unknownAsNote } from '../../../parts/say/unknownAsNote';

/** A line that a text proposes. */
export interface Proposal {
  /** the words of the text it came from */
  words: string;
  /** as it is read; the words, until they are put otherwise */
  sentence: string;
  isIn: boolean;
}

export interface ReadProposal extends Proposal {
  reading: LineReading;
}

/**
 * What a text proposes: words that are of no line at all are left out, and what is not understood
 * beside what is becomes the line’s note.
 */
export function proposalsFrom(steps: readonly TextStep[], beside: Beside): Proposal[] {
  const proposals = steps.map(({ words }) => ({ words, sentence: words, isIn: true }));
  return readProposals(proposals, beside).map(({ words, reading }) => {
    const { parts, ...rest } = reading.said;
    const isProse = parts.length === 0 && Object.keys(rest).length === 0;
    const asNote = isProse || parts.length === 0 ? null : unknownAsNote(words, reading.marks);
    return { words, sentence: asNote ?? words, isIn: !isProse };
  });
}

/** Each is read beside those above it; “line 2” is the second of the text. */
export function readProposals(proposals: readonly Proposal[], beside: Beside): ReadProposal[] {
  const above: Step[] = [...beside.above];
  return proposals.map((proposal, index) => {
    const read = { ...beside, above: [...above], uncounted: beside.above.length };
    const reading = readLine(proposal.sentence, read, `text-${index + 1}`);
    if (proposal.isIn && reading.step) above.push(reading.step);
    return { ...proposal, reading };
  });
}

/** The lines as they go into the recipe, with identifiers of their own. */
export function stepsOf(read: readonly ReadProposal[]): Step[] {
  const steps = read.flatMap(({ isIn, reading }) => (isIn && reading.step ? [reading.step] : []));
  const ids = new Map(steps.map(({ id }) => [id, crypto.randomUUID()]));
  return steps.map((step) => ({
    ...step,
    id: ids.get(step.id) ?? step.id,
    ...(step.restores !== undefined && { restores: ids.get(step.restores) ?? step.restores }),
    mix: {
      ...step.mix,
      parts: step.mix.parts.map((part) =>
        part.from === 'step' ? { ...part, stepId: ids.get(part.stepId) ?? part.stepId } : part,
      ),
    },
  }));
}

/** Names that stand where a pot is to be and are on none, each once. */
export function unknownPots(read: readonly ReadProposal[]): string[] {
  const names = read.flatMap(({ isIn, sentence, reading }) =>
    isIn
      ? reading.marks.flatMap(({ isNoPot, from, to }) =>
          isNoPot ? [sentence.slice(from, to)] : [],
        )
      : [],
  );
  const small = names.map((name) => name.toLowerCase());
  return names.filter((_, index) => small.indexOf(small[index]) === index);
}

/** The proposals with a name put in the place of another, wherever it was not known. */
export function named(
  proposals: readonly Proposal[],
  read: readonly ReadProposal[],
  name: string,
  by: string,
): Proposal[] {
  return proposals.map((proposal, index) => {
    const { sentence, reading } = read[index];
    const marks = reading.marks.filter(
      ({ isNoPot, from, to }) =>
        isNoPot && sentence.slice(from, to).toLowerCase() === name.toLowerCase(),
    );
    const put = marks
      .toReversed()
      .reduce((text, { from, to }) => text.slice(0, from) + by + text.slice(to), sentence);
    return { ...proposal, sentence: put };
  });
}
