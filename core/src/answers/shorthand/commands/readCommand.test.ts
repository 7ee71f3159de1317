import { saidAbove, saidPots } from '../../../testing/shorthand/shelf';
import { PotNames } from '../potNames';
import { readLine } from '../readLine';

const beside = { names: new PotNames(saidPots), recipe: saidAbove, above: saidAbove.steps };
const command = (sentence: string) => readLine(sentence, beside, 'new');
const ids = (sentence: string) => command(sentence).change?.steps.map(({ id }) => id);

test.each([
  ['delete line 2', ['one', 'three']],
  ['please take the last line out', ['one', 'two']],
  ['get rid of the recess wash', ['one', 'three']],
  ['move line 3 before line 2', ['one', 'three', 'two']],
  ['put 3 before 2', ['one', 'three', 'two']],
  ['move the layer to the top', ['three', 'one', 'two']],
  ['put line 1 after line 2', ['two', 'one', 'three']],
  ['swap lines 1 and 3', ['three', 'two', 'one']],
])('%s changes the lines that are there', (sentence, after) => {
  const { step, steps, marks } = command(sentence);
  expect(ids(sentence)).toEqual(after);
  expect({ step, steps, marks }).toEqual({ step: null, steps: undefined, marks: [] });
});

test('a pot is swapped for another in every line that has it', () => {
  const { change } = command('swap the ochre for bone');
  const pots = change?.steps.map(({ mix }) =>
    mix.parts.map((part) => ('potId' in part ? part.potId : '')),
  );
  expect(pots).toEqual([['bone', 'umber'], ['sepia'], ['bone']]);
  expect(change?.words).toBe('Use Old Bone instead of Ditch Ochre in 2 lines');
});

test('lines are thinned by a step, and coats doubled', () => {
  expect(command('line 1 thinner').change?.steps[0].mix.waterParts).toBe(0.75);
  expect(command('thin everything').change?.steps.map(({ mix }) => mix.waterParts)).toEqual([
    0.75, 0.25, 1.5,
  ]);
  expect(command('double the coats on line 1').change?.steps[0].coats).toBe(4);
});

test('a line gets one more coat, and more or less water', () => {
  const coats = (sentence: string) => command(sentence).change?.steps[1].coats;
  const before = saidAbove.steps[1].coats;
  expect(coats('add another coat to line 2')).toBe(before + 1);
  expect(coats('one more coat on the recess wash')).toBe(before + 1);
  expect(coats('line 2: three coats')).toBe(3);
  const water = (sentence: string) => command(sentence).change?.steps[0].mix.waterParts;
  expect(water('line 1: more water')).toBe(0.75);
  expect(water('line 1 less water')).toBe(0.25);
  expect(command('add another coat to line 9').marks[0].message).toContain('no line 9');
});

test.each([
  ['delete line 9', 'no line 9'],
  ['swap the ochre for turquoise', 'no pot on the shelf'],
  ['undo that', 'Undo at the top'],
  ['rename it Wolf', 'name stands at the top'],
  ['move the glaze before the layer', 'no line is called'],
])('%s is told why it cannot be done here, and makes no line', (sentence, words) => {
  const { step, change, marks } = command(sentence);
  expect({ step, change }).toEqual({ step: null, change: undefined });
  expect(marks[0].message).toContain(words);
});

test('a line that says the same words otherwise is no command', () => {
  for (const sentence of [
    'Ditch Ochre',
    'thin coat of bone',
    'line 1 again, on the edges',
    'put bone on the edges',
    'drop of umber in ochre',
  ])
    expect(command(sentence)).toMatchObject({ step: { id: 'new' } });
});

test('a mix that is carried forward from a deleted line is written out', () => {
  const carried = {
    ...saidAbove.steps[2],
    id: 'four',
    mix: {
      ...saidAbove.steps[2].mix,
      parts: [{ from: 'step' as const, stepId: 'three', parts: 1 }],
    },
  };
  const above = [...saidAbove.steps, carried];
  const { change } = readLine('delete line 3', { ...beside, above }, 'new');
  expect(change?.steps[2].mix.parts).toEqual([{ from: 'pot', potId: 'ochre', parts: 1 }]);
  const { marks } = readLine('move line 4 before line 3', { ...beside, above }, 'new');
  expect(marks[0].message).toContain('carries the mix');
});
