import { recipeWith } from '../../../testing/sampleRecipe';
import { saidAbove, saidPots } from '../../../testing/shorthand/shelf';
import { PotNames } from '../potNames';
import { readLine } from '../readLine';

const beside = { names: new PotNames(saidPots), recipe: saidAbove, above: saidAbove.steps };
const first = { ...beside, recipe: recipeWith([]), above: [] };
const read = (sentence: string, at: Parameters<typeof readLine>[1] = beside) =>
  readLine(sentence, at, 'new');
/** Each line's mix in words, `3 red + 1 bone`; a mix carried on by the number of its line in the sentence. */
const mixesOf = (sentence: string, at?: Parameters<typeof readLine>[1]) => {
  const { steps = [], step, marks } = read(sentence, at);
  expect({ sentence, marks }).toEqual({ sentence, marks: [] });
  const lines = steps.length > 0 ? steps : step ? [step] : [];
  const number = (id: string) => lines.findIndex((line) => line.id === id) + 1;
  return lines.map(({ mix }) =>
    mix.parts
      .map((part) =>
        part.from === 'pot'
          ? `${part.parts} ${part.potId}`
          : `${part.parts} #${number(part.stepId)}`,
      )
      .join(' + '),
  );
};

test.each([
  ['take red up to bone over four layers'],
  ['from red to bone in four steps'],
  ['go from red towards bone in 4 stages'],
])('%s: as many lines in even steps, each from higher up', (sentence) => {
  expect(mixesOf(sentence)).toEqual(['1 red', '2 red + 1 bone', '1 red + 2 bone', '1 bone']);
  const from = read(sentence).steps?.map(({ placement }) => placement.from) ?? [];
  expect(from).toEqual([...from].sort((one, other) => one - other));
  expect(new Set(from).size).toBe(4);
});

test('a pot said again after a comma or an arrow begins the next line', () => {
  expect(mixesOf('red, red and bone, bone: three layers going smaller')).toEqual([
    '1 red',
    '1 red + 1 bone',
    '1 bone',
  ]);
  expect(mixesOf('red > bone 50/50 > bone', first)).toEqual(['1 red', '1 #1 + 1 bone', '1 bone']);
  expect(mixesOf('umber and bone, more bone')).toHaveLength(1);
});

test('between two lines is half of each mix; of lines that are not there it is asked', () => {
  const { step, rough, marks } = read('half a step between 1 and 2, on the raised bits');
  expect(marks).toEqual([]);
  expect(step?.mix.parts).toEqual([
    { from: 'step', stepId: saidAbove.steps[0].id, parts: 1 },
    { from: 'step', stepId: saidAbove.steps[1].id, parts: 1 },
  ]);
  expect(rough.map(({ means }) => means)).toContain('half of each mix');
  expect(read('halfway between line 1 and line 77').marks[0].message).toMatch(/two lines above/);
  expect(read('halfway between line 1 and line 2', first).marks[0].message).toMatch(/no two lines/);
});

test('a second pot that nothing joins to the first is asked about', () => {
  const [mark] = read('red, 2:1 with water, wherever the bone looks too bright').marks;
  expect(mark.message).toMatch(/are these mixed/);
});

test.each([
  ['adding bone', 'add bone'],
  ['working red into your base colour', 'working red into the base colour'],
  ['keeping out of the recesses, bone', 'keep out of the recesses, bone'],
  ['bone, let it settled into the folds', 'bone, let it settle into the folds'],
])('“%s” is read like “%s”, whatever its form', (sentence, plain) => {
  const { step } = read(sentence);
  const { step: wanted } = read(plain);
  expect({ ...step, note: '' }).toEqual({ ...wanted, note: '' });
});

test('what is kept off a place is painted elsewhere', () => {
  const { step } = read('keep umber off the raised bits');
  expect(step?.mix.parts).toEqual([{ from: 'pot', potId: 'umber', parts: 1 }]);
  expect(step?.placement).toMatchObject({ from: 0 });
  expect(step?.placement.to).toBeLessThan(0.7);
});
