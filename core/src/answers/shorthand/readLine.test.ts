import fc from 'fast-check';
import { stepSchema } from '../../written/recipe/step';
import { saidAbove, saidPots } from '../../testing/shorthand/shelf';
import { PotNames } from './potNames';
import { readLine } from './readLine';
import { mostLetters } from './strict/readSentence';
import { vocabulary } from './strict/vocabulary';
import { runs } from '../../testing/longTests';

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
    { numRuns: runs(300) },
  );
});

test('a word that says nothing of a line ends in its note, and changes nothing else', () => {
  const bare = read('ochre, soft');
  const { step, marks } = read('ochre, sploosh and zigzag, soft');
  expect(marks).toEqual([]);
  expect(step).toMatchObject({ ...bare.step, note: 'sploosh and zigzag' });
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

test('the same as a line above is all of it, with what else is said; with more in it, its mix', () => {
  const [, wash] = saidAbove.steps;
  const { step } = read('same as line 2, 3 coats, on the underside');
  expect(step).toMatchObject({ ...wash, id: 'new', coats: 3, placement: { aim: {} } });
  expect(step?.placement.aim?.facing?.side).toBe('down');
  expect(read('same as line 2 + 1 bone').step?.mix.parts).toEqual([
    { from: 'step', stepId: 'two', parts: 1 },
    { from: 'pot', potId: 'bone', parts: 1 },
  ]);
  expect(read('line 1 again with a bit more water').step?.mix.waterParts).toBe(0.75);
  expect(markedIn('same as line 7')).toContain('line 7');
});

test('percent are of the whole: of pots the rest is the one with no figure, water is to the paint', () => {
  fc.assert(
    fc.property(fc.integer({ min: 1, max: 99 }), (share) => {
      const { said, rough } = read(`ochre with ${share}% white`);
      expect(said.parts.map(({ parts }) => parts)).toEqual([100 - share, share]);
      expect(rough[0].means).toContain(`${100 - share} %`);
    }),
  );
  expect(read('ochre, 20% water').said.water).toBe(0.25);
  expect(markedIn('ochre, umber and 10% white')).toEqual(['white']);
  expect(markedIn('2 ochre + 10% white')).toEqual(['white']);
});

test('what is painted after something is a line of its own', () => {
  const { steps = [], marks } = read('ochre, then bone 1:1 with white');
  expect(marks).toEqual([]);
  expect(
    steps.map(({ mix }) => mix.parts.map((part) => ('potId' in part ? part.potId : ''))),
  ).toEqual([['ochre'], ['bone', 'white']]);
  expect(read('then ochre').steps).toBeUndefined();
});

test('how thin is read by a scale, and told to be rough', () => {
  const { said, rough } = read('very thin ochre');
  expect(said.water).toBe(4);
  expect(rough[0].means).toContain('1 : 4');
  expect(read('very thin ochre, 1:8').said.water).toBe(8);
});

test('a drop among drops is one, else it is little', () => {
  const parts = (sentence: string) => read(sentence).said.parts.map((part) => part.parts);
  expect(parts('3 drops ochre and a drop of umber')).toEqual([3, 1]);
  expect(parts('ochre and a drop of umber')).toEqual([undefined, 0.25]);
});

test('more of a pot with no mix above is asked about', () => {
  const first = { ...beside, above: [] };
  expect(readLine('a bit more bone', first, 'new').marks).toHaveLength(1);
});

test('paint under another is not taken to be mixed with it', () => {
  const { said, step } = read('glaze red over umber');
  expect(said.parts).toEqual([{ potId: 'red' }]);
  expect(step?.note).toContain('umber');
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

test('a name no pot has is said to be one where no other pot is said', () => {
  expect(read('wash frog teal 1:1 medium recesses').marks).toMatchObject([
    { from: 5, to: 14, isNoPot: true },
  ]);
});
