import fc from 'fast-check';
import { stepSchema } from '../recipe/step';
import { potWith } from '../testing/sampleRecipe';
import { saidAbove, saidPots } from '../testing/shorthand/shelf';
import { PotNames } from './potNames';
import { readLine } from './readLine';
import { mostLetters } from './readSentence';
import { vocabulary } from './vocabulary';
import { runs } from '../testing/longTests';

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
  expect(markedIn('ochre, umber and 10% white')).toContain('10% white');
  expect(markedIn('2 ochre + 10% white')).toEqual(['10% white']);
  expect(markedIn('ochre, 100% water')).toEqual(['100% water']);
});

test('what is painted after something is a line of its own', () => {
  expect(markedIn('ochre, then bone 1:1')).toEqual(['then']);
  expect(markedIn('wait 20 minutes, then ochre')).toEqual(['wait 20 minutes']);
  expect(markedIn('ochre, then wash')).toEqual(['then']);
  expect(markedIn('then ochre')).toEqual([]);
});

test('so much of nothing, and some of something, are no figures', () => {
  expect(markedIn('half of it bone')).toEqual(['half of it bone']);
  expect(markedIn('ochre + some bone')).toContain('some');
  expect(markedIn('ochre, plenty of water')).toEqual(['plenty of water']);
  expect(markedIn('very thin ochre')).toEqual(['very thin']);
  expect(markedIn('very thin ochre, 1:8')).toEqual([]);
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
