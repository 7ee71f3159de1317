import fc from 'fast-check';
import { saidAbove, saidPots } from '../testing/shorthand/shelf';
import { PotNames } from './potNames';
import { mostTextLetters, readText } from './readText';
import { textSteps } from './textSteps';

const beside = { names: new PotNames(saidPots), recipe: { ...saidAbove, steps: [] }, above: [] };
const wordsOf = (text: string) => textSteps(text).map(({ words }) => words);

test('lists, numbers, boxes and sentences are steps; headings and empty lines are none', () => {
  expect(wordsOf('Cloak:\n\n1. base ochre\n2) wash sepia\nStep 3: bone')).toEqual([
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
  const { lines } = readText(
    'red (2) + white (1)\n2:1 red/white\nred 70 % white 30 %\n30% white, 70% red',
    beside,
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
  const { lines } = readText(text, { ...beside, above: saidAbove.steps, recipe: saidAbove });
  const [first, second] = lines.map(({ reading }) => reading);
  expect(second.marks).toEqual([]);
  expect(second.step?.mix.parts[0]).toEqual({ from: 'step', stepId: first.step?.id, parts: 1 });
});

test('names that no pot has are gathered once each; prose is told from lines', () => {
  const { lines, unknownPots } = readText(
    'I did this on a rainy Sunday\n2 Frog Teal + 1 bone\n1 frog teal + 3 white',
    beside,
  );
  expect(unknownPots).toEqual(['Frog Teal']);
  expect(lines.map(({ isProse }) => isProse)).toEqual([true, false, false]);
});

test('a text that is far too long is refused with both figures', () => {
  expect(() => readText('x'.repeat(mostTextLetters + 1), beside)).toThrow('20,001');
});

test('more steps than a recipe holds are counted, not lost without a word', () => {
  expect(readText('ochre\n'.repeat(70), beside)).toMatchObject({ leftOut: 10 });
});
