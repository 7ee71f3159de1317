import fc from 'fast-check';
import { stepSchema } from '../recipe/step';
import { potWith } from '../testing/sampleRecipe';
import { saidAbove, saidPots } from '../testing/shorthand/shelf';
import { PotNames } from './potNames';
import { readLine } from './readLine';
import { mostLetters } from './readSentence';
import { vocabulary } from './vocabulary';

const names = new PotNames(saidPots);
const beside = { names, recipe: saidAbove, above: saidAbove.steps };
const read = (sentence: string) => readLine(sentence, beside, 'new');
const markedIn = (sentence: string) =>
  read(sentence).marks.map(({ from, to }) => sentence.slice(from, to));

test('whatever is typed makes a line that is right, or none, and never throws', () => {
  const anyWords = fc
    .array(
      fc.oneof(
        fc.constantFrom(...vocabulary.keys()),
        fc.constantFrom(...saidPots.map(({ name }) => name)),
        fc.integer({ min: 0, max: 99 }).map(String),
        fc.string(),
      ),
      { maxLength: 25 },
    )
    .map((words) => words.join(' '));
  fc.assert(
    fc.property(anyWords, (sentence) => {
      const { step, marks } = read(sentence);
      if (step) expect(stepSchema.safeParse(step).success).toBe(true);
      for (const { from, to } of marks) {
        expect(from).toBeGreaterThanOrEqual(0);
        expect(to).toBeLessThanOrEqual(sentence.length);
        expect(to).toBeGreaterThanOrEqual(from);
      }
    }),
    { numRuns: 300 },
  );
});

test('no word of a sentence is passed over without a mark, if it is no word of ours', () => {
  expect(markedIn('ochre, sploosh 1:1 and zigzag, soft')).toEqual(['sploosh', 'zigzag']);
});

test('a sentence that is far too long is said to be', () => {
  const { marks } = read('ochre '.repeat(2000));
  expect(marks).toHaveLength(1);
  expect(marks[0].message).toContain(String(mostLetters));
});

test('a sentence of numbers alone, or in another language, is marked word by word', () => {
  expect(markedIn('1 2 3 4 5')).toEqual(['1', '2', '3', '4', '5']);
  expect(markedIn('blanc cassé délayé')).toEqual(['blanc cassé délayé']);
});

test('a part of a name that several pots have is asked about, with the pots', () => {
  const [mark] = read('2 heron 1:1').marks;
  expect(mark).toMatchObject({ from: 2, to: 7 });
  expect(mark.choices?.map(({ name }) => name)).toEqual(['Heron Blue', 'Heron Grey']);
});

test('two pots of one name are asked about, and told how to be named', () => {
  const [mark] = read('dry sand').marks;
  expect(mark.message).toContain('no. 1');
  expect(mark.choices?.map(({ name }) => name)).toEqual(['Dry Sand no. 1', 'Dry Sand no. 2']);
});

test('a line that is below, or this one, carries nothing forward', () => {
  expect(markedIn('line 4 + bone')).toEqual(['line 4']);
  expect(readLine('line 1', { ...beside, above: [] }, 'new').marks[0].message).toContain(
    'no line above',
  );
});

test('paint under another is not taken to be mixed with it', () => {
  expect(markedIn('glaze red over umber')).toEqual(['umber']);
});

test('a new line has the pots and the thinner of the line above and goes on from higher up', () => {
  const { step } = read('');
  expect(step?.mix).toEqual(saidAbove.steps[2].mix);
  expect(step?.technique).toBe('layer');
  expect(step?.placement.from).toBeCloseTo(0.64);
});

test('a word that stands for a figure nobody said is told', () => {
  expect(read('line 3 + a bit of bone').rough.map(({ means }) => means)).toEqual(['taken as ¼']);
});

test('the beginning of a word of ours is not taken for a pot', () => {
  const pots = [...saidPots, potWith({ id: 'dusk', name: 'Dusk Water' })];
  const { marks } = readLine(
    'ochre, a bit more wat',
    { ...beside, names: new PotNames(pots) },
    'x',
  );
  expect(marks.at(-1)).toMatchObject({ from: 18, to: 21 });
  expect(marks.at(-1)?.choices?.map(({ id }) => id)).toEqual(['dusk']);
});

test('a name no pot has is said to be one where no other pot is said', () => {
  expect(read('wash frog teal 1:1 medium recesses').marks).toMatchObject([
    { from: 5, to: 14, isNoPot: true },
  ]);
});
