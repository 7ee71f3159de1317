import { potWith } from '../../../testing/sampleRecipe';
import { saidAbove, saidPots } from '../../../testing/shorthand/shelf';
import { PotNames } from '../potNames';
import { proposedLines, readProposed } from './proposedLines';
import { asOneSurface, surfaceNamed, surfacesOfText } from './surfacesOfText';
import { mostQuestions, textQuestions, withAnswer } from './textQuestions';

const pots = [
  ...saidPots,
  potWith({ id: 'straw-new', name: 'New Straw' }),
  potWith({ id: 'straw-old', name: 'Old Straw' }),
];
const names = new PotNames(pots);
const beside = { names, recipe: { ...saidAbove, steps: [] }, above: [] };
const read = (text: string) => readProposed(proposedLines(text, beside).lines, beside);
const threeSurfaces = [
  'Leather straps:',
  '- base umber, 2 coats',
  '- straw on the edges',
  'Skin:',
  'base red',
  'more straw, raised parts',
  'Horn, old',
  'ochre everywhere',
].join('\n');

test('what several lines wait for is asked once, and one answer is put into all of them', () => {
  const rows = read('base umber\nstraw on the raised parts\nred and straw 1:1 on the edges');
  const [question, ...others] = textQuestions(rows, names);
  expect(others).toEqual([]);
  expect(question).toMatchObject({ words: 'straw', rows: [1, 2] });
  expect(question.answers.map(({ label }) => label)).toEqual(['New Straw', 'Old Straw']);
  const after = readProposed(withAnswer(rows, question, question.answers[1]), beside);
  expect(after.map(({ reading }) => reading.marks)).toEqual([[], [], []]);
  expect(after[2].reading.said.parts).toEqual([
    { potId: 'red', parts: 1 },
    { potId: 'straw-old', parts: 1 },
  ]);
});

test('a ratio that may be meant both ways is answered by a press', () => {
  const rows = read('plum ink 2:1 with water on the raised parts');
  const [question] = textQuestions(rows, names);
  expect(question.answers.map(({ label }) => label)).toEqual([
    '2 water to 1 paint',
    '0.5 water to 1 paint',
  ]);
  for (const [at, water] of [2, 0.5].entries()) {
    const [line] = readProposed(withAnswer(rows, question, question.answers[at]), beside);
    expect(line.reading).toMatchObject({ marks: [], step: { mix: { waterParts: water } } });
  }
});

test('at most three are asked, those first that most lines wait for', () => {
  const rows = read(
    ['red 8:1', 'ochre 7:1', 'umber 6:1', 'white 5:1', 'straw', 'straw'].join('\n'),
  );
  const asked = textQuestions(rows, names);
  expect(asked).toHaveLength(mostQuestions);
  expect(asked[0].words).toBe('straw');
  expect(textQuestions(rows, names, 0)).toEqual([]);
});

test('a row that is not to go in is not asked about', () => {
  const rows = read('straw on the edges').map((row) => ({ ...row, isIn: false }));
  expect(textQuestions(rows, names)).toEqual([]);
});

test('each heading after a line begins another surface, with its kind', () => {
  const surfaces = surfacesOfText(read(threeSurfaces));
  expect(surfaces.map(({ name, surface }) => [name, surface])).toEqual([
    ['Leather straps', 'leather'],
    ['Skin', 'skin'],
    ['Horn, old', 'bone'],
  ]);
  expect(surfaces.map(({ steps, waiting }) => [steps.length, waiting])).toEqual([
    [1, 1],
    [1, 1],
    [1, 0],
  ]);
});

test('three surfaces are put in with two questions', () => {
  const rows = read(threeSurfaces);
  const questions = textQuestions(rows, names, mostQuestions - 1);
  // The other is whether each surface is a recipe of its own.
  expect(questions).toHaveLength(1);
  const after = readProposed(withAnswer(rows, questions[0], questions[0].answers[0]), beside);
  expect(surfacesOfText(after).map(({ steps, waiting }) => [steps.length, waiting])).toEqual([
    [2, 0],
    [2, 0],
    [1, 0],
  ]);
});

test('of one recipe all lines are lines below each other', () => {
  const rows = readProposed(asOneSurface(read('Coat:\nbase umber\nSkin:\nbase red')), beside);
  expect(surfacesOfText(rows)).toMatchObject([{ name: '', steps: [{}, {}] }]);
});

test('a word of the scheme above a line is no surface', () => {
  expect(surfacesOfText(read('Base:\number\nHighlight:\nochre on the edges'))).toHaveLength(1);
});

test.each([
  ['Brown leather, quick', 'leather'],
  ['The wolf', 'hair'],
  ['Sword', 'blade'],
  ['Tuesday', undefined],
])('%s is %s', (heading, kind) => {
  expect(surfaceNamed(heading)).toBe(kind);
});
