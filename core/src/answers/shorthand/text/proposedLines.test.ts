import fc from 'fast-check';
import { saidAbove, saidPots } from '../../../testing/shorthand/shelf';
import { PotNames } from '../potNames';
import {
  mostTextLetters,
  proposedLines,
  readProposed,
  stepsOf,
  unknownPots,
  withNamed,
} from './proposedLines';
import type { Beside } from '../said';
import { textSteps } from './textSteps';

const beside = { names: new PotNames(saidPots), recipe: { ...saidAbove, steps: [] }, above: [] };
const proposed = (text: string, of: Beside = beside) =>
  readProposed(proposedLines(text, of).lines, of);
const wordsOf = (text: string) => textSteps(text).map(({ words }) => words);

test('lists, numbers, boxes and sentences are steps, headings are told; empty lines are none', () => {
  expect(textSteps('# Cloak #\nbone').map(({ isHeading }) => isHeading)).toEqual([true, undefined]);
  expect(wordsOf('Cloak:\n\n1. base ochre\n2) wash sepia\nStep 3: bone')).toEqual([
    'Cloak',
    'base ochre',
    'wash sepia',
    'bone',
  ]);
  expect(wordsOf('- ochre\n* bone\n• white\n[x] dots')).toEqual(['ochre', 'bone', 'white', 'dots']);
  expect(wordsOf('Base ochre. Then wash sepia. Dots of white.')).toEqual([
    'Base ochre',
    'Then wash sepia',
    'Dots of white.',
  ]);
  expect(wordsOf('1. base ochre 2. wash sepia 1:1')).toEqual(['base ochre', 'wash sepia 1:1']);
  expect(wordsOf('2 ochre + 1 bone')).toEqual(['2 ochre + 1 bone']);
});

test('the words of a step stand where it says', () => {
  fc.assert(
    fc.property(fc.string(), fc.string(), fc.string(), (one, two, three) => {
      const text = [one, two, three].join('\n');
      for (const { words, from, to } of textSteps(text)) expect(text.slice(from, to)).toBe(words);
    }),
  );
});

test('ratios are read in both orders', () => {
  const lines = proposed(
    'red (2) + white (1)\n2:1 red/white\nred 70 % white 30 %\n30% white, 70% red',
  );
  expect(lines.map(({ reading }) => reading.marks)).toEqual([[], [], [], []]);
  expect(lines.map(({ reading }) => reading.step?.mix.parts.map(({ parts }) => parts))).toEqual([
    [2, 1],
    [2, 1],
    [70, 30],
    [30, 70],
  ]);
});

test('a line of the text is carried forward by its number in the text', () => {
  const text = '1. base ochre\n2. line 1 + bone';
  const lines = proposed(text, { ...beside, above: saidAbove.steps, recipe: saidAbove });
  const [first, second] = lines.map(({ reading }) => reading);
  expect(second.marks).toEqual([]);
  expect(second.step?.mix.parts[0]).toEqual({ from: 'step', stepId: first.step?.id, parts: 1 });
});

test('names that no pot has are gathered once each; prose is told from lines', () => {
  const lines = proposed(
    'I did this on a rainy Sunday\n2 Frog Teal + 1 bone\n1 frog teal + 3 white',
  );
  expect(unknownPots(lines)).toEqual(['Frog Teal']);
  expect(lines.map(({ isIn }) => isIn)).toEqual([false, true, true]);
  expect(withNamed(lines, 'frog teal', 'bone').map(({ sentence }) => sentence)).toEqual([
    'I did this on a rainy Sunday',
    '2 bone + 1 bone',
    '1 bone + 3 white',
  ]);
});

test('a text that is far too long is refused with both figures', () => {
  expect(() => proposedLines('x'.repeat(mostTextLetters + 1), beside)).toThrow('20,001');
});

test('more steps than a recipe holds are counted, not lost without a word', () => {
  expect(proposedLines('ochre\n'.repeat(70), beside)).toMatchObject({ leftOut: 10 });
});

test('words that say nothing of a line end in its note, and a name no pot has is asked about', () => {
  const [base, wash] = proposed('base ochre, sploshed\nwash frog teal 1:1 medium');
  expect(base.reading).toMatchObject({ marks: [], step: { note: 'sploshed' } });
  expect(wash.reading.marks).toMatchObject([{ isNoPot: true }]);
});

test('a heading is no line, also where a colour is in it, and a second one begins another surface', () => {
  const lines = proposed('Brown leather\nbase umber, two coats\nGrey wolf\nbase ochre\nsame again');
  expect(lines.map(({ isIn, isHeading = false }) => [isIn, isHeading])).toEqual([
    [false, true],
    [true, false],
    [false, true],
    [true, false],
    [true, false],
  ]);
  expect(lines.map(({ surface = 0 }) => surface)).toEqual([0, 0, 1, 1, 1]);
  expect(stepsOf(lines)).toHaveLength(1);
  expect(lines[4].reading.step?.mix.parts).toEqual([{ from: 'pot', potId: 'ochre', parts: 1 }]);
});

test('a mix that is given a name is that mix below', () => {
  const [, second] = proposed(
    'rust mixed into chalk white for a pale pink, 2 coats\npale pink again on the edges',
  );
  expect(second.reading.step?.mix.parts).toEqual([{ from: 'step', stepId: 'text-1', parts: 1 }]);
});

test('a row that waits lends nothing to those below it', () => {
  const [, second] = proposed('base 2 frog teal + 1 bone\nsame again', { ...beside });
  expect(
    second.reading.step?.mix.parts.map((part) => ('potId' in part ? part.potId : '')),
  ).not.toContain('bone');
});

test('a line that is taken out is not counted by those below it', () => {
  const { lines } = proposedLines('base ochre\nline 1 + bone', beside);
  const [, without] = readProposed(
    lines.map((each, index) => ({ ...each, isIn: index === 1 })),
    beside,
  );
  expect(without.reading.marks).toHaveLength(1);
});

test('only lines that are understood and in go into the recipe', () => {
  const read = proposed('base ochre\nline 1 + bone, repairs line 1\n2 Frog Teal');
  const steps = stepsOf(read);
  expect(steps).toHaveLength(2);
  expect(steps[1].restores).toBe(steps[0].id);
  expect(stepsOf(read.map((line) => ({ ...line, isIn: false })))).toEqual([]);
});
