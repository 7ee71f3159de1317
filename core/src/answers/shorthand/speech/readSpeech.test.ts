import { placeOf, type ToneStopName } from '../../../written/place/toneAxis';
import { depositAt } from '../../../written/recipe/depositAt';
import { recipeWith } from '../../../testing/sampleRecipe';
import { potWith } from '../../../testing/sampleRecipe';
import { saidAbove, saidPots } from '../../../testing/shorthand/shelf';
import { PotNames } from '../potNames';
import { readLine } from '../readLine';

const beside = { names: new PotNames(saidPots), recipe: saidAbove, above: saidAbove.steps };
const first = { ...beside, recipe: recipeWith([]), above: [] };
const read = (sentence: string, at: Parameters<typeof readLine>[1] = beside) =>
  readLine(sentence, at, 'new');
const tone = (sentence: string) => {
  const { step, marks } = read(sentence);
  expect({ sentence, marks }).toEqual({ sentence, marks: [] });
  return [step?.placement.from, step?.placement.to];
};

test.each<[words: string, stops: ToneStopName[]]>([
  ['on the raised areas', ['raised', 'crown', 'edge', 'point']],
  ['on the edges', ['edge', 'point']],
  ['on the very tips', ['point']],
  ['in the recesses', ['pit', 'recess']],
  ['in the deepest folds', ['pit']],
  ['into the shadows', ['pit', 'recess', 'shadow']],
  ['everywhere but the recesses', ['shadow', 'mid', 'raised', 'crown', 'edge', 'point']],
])('bone %s gives each stop it names a coat', (words, stops) => {
  const { step } = read(`layer bone ${words}`);
  if (!step) throw new Error('no line');
  const bare = stops.filter((stop) => depositAt(step, placeOf(stop)) <= 0.6);
  expect(bare).toEqual([]);
});

test('what is said not to be painted is not painted', () => {
  for (const words of [
    'leave the recesses dark',
    'but not in the creases',
    'keep clear of the hollows',
  ])
    expect(tone(`bone, ${words}`)).toEqual([0.22, 1]);
  for (const words of ['stay off the edges', 'all but the edges', 'avoid the rims'])
    expect(tone(`bone, ${words}`)).toEqual([0, 0.85]);
  expect(read('never black, umber in the shadows').said.parts).toEqual([{ potId: 'umber' }]);
});

test('a place is counted from what it is said to lie above, below or between', () => {
  expect(tone('bone as a mid, everywhere above the shadows')).toEqual([0.32, 1]);
  expect(tone('glaze umber from the edge of the shadow down to the deepest bit')).toEqual([
    0, 0.42,
  ]);
  expect(tone('bone for the last 10 percent')).toEqual([0.9, 1]);
  expect(tone('umber into the lower parts')).toEqual([0, 0.42]);
  expect(read('bone on anything that would catch light').step?.placement.aim?.facing?.side).toBe(
    'light',
  );
});

test('a mix is named by its paints, and a place is darkened, not the mix above', () => {
  expect(read('darken the recesses with an umber and sepia mix').said.parts).toEqual([
    { potId: 'umber' },
    { potId: 'sepia' },
  ]);
  expect(read('the rest in bone').step?.placement).toMatchObject({ from: 0, to: 1 });
  expect(read('scrub bone over the fur').step?.technique).toBe('dryBrush');
  const { steps } = read('bone at the front of the muzzle, umber further back');
  expect(steps?.map(({ placement }) => placement.aim?.facing?.side)).toEqual(['front', 'back']);
});

test('parts of a sentence that are each a line of their own are read as lines', () => {
  const potsOf = (sentence: string) =>
    read(sentence).steps?.map(({ mix }) => mix.parts.map((part) => 'potId' in part && part.potId));
  expect(potsOf('mid is bone, shade is umber')).toEqual([['bone'], ['umber']]);
  expect(potsOf('umber away from the lantern, bone on the near side')).toEqual([
    ['umber'],
    ['bone'],
  ]);
  expect(tone('bone, stop before the folds')).toEqual([0.22, 1]);
  expect(read('pin it with umber in the folds').step?.technique).toBe('recessWash');
});

test('two shares of a surface, each with a paint of its own, are two lines', () => {
  const { steps, marks } = read('bottom third umber, top two thirds bone');
  expect(marks).toEqual([]);
  expect(steps?.map(({ placement: { from, to } }) => [from, to])).toEqual([
    [0, 0.33],
    [0.33, 1],
  ]);
});

test('a share of the surface is a band of that width', () => {
  expect(tone('bone over the top 80%')).toEqual([0.2, 1]);
  expect(tone('bone on the brightest third')).toEqual([0.67, 1]);
  expect(tone('umber on the darkest 30 %')).toEqual([0, 0.3]);
});

test('N : 1 of a glaze, of a wash of paint and of what is watered is water', () => {
  expect(read('red glaze 10:1').said.water).toBe(10);
  expect(read('red watered 2:1').said.water).toBe(2);
  expect(read('red 1:3 with medium').said.medium).toBe(3);
  expect(read('red and bone 3:1, glaze').said).toMatchObject({
    parts: [
      { potId: 'red', parts: 3 },
      { potId: 'bone', parts: 1 },
    ],
  });
  expect(read('plum ink 2:1 with water').marks).toHaveLength(1);
});

test('neat paint called a wash is asked about; paint called a wash is watered', () => {
  expect(read('neat red wash').marks[0].message).toContain('is it a wash');
  expect(read('red wash').said.water).toBeGreaterThanOrEqual(1);
  expect(read('sepia wash').step?.mix.waterParts).toBe(0);
});

test('the mix above is carried on, with more in it, or as it was', () => {
  const parts = (sentence: string) => read(sentence).step?.mix.parts;
  const above = { from: 'step', stepId: 'three', parts: 1 };
  expect(parts('same mix on the edges')).toEqual([above]);
  expect(parts('more bone, smaller')).toEqual([above, { from: 'pot', potId: 'bone', parts: 0.25 }]);
  expect(parts('lighten it with bone')).toEqual([
    above,
    { from: 'pot', potId: 'bone', parts: 0.5 },
  ]);
  expect(parts('75/25 in the recesses')).toEqual([{ from: 'pot', potId: 'ochre', parts: 1 }]);
});

test('one sentence makes as many lines as it says', () => {
  const lines = (sentence: string) => read(sentence).steps?.length ?? 1;
  expect(lines('red on the edges, then bone on the tips')).toBe(2);
  expect(lines('red in the recesses and bone on the edges')).toBe(2);
  expect(lines('three layers of red, each smaller, adding bone')).toBe(3);
  expect(lines('same again on 60, then 40, then 20 percent')).toBe(3);
  expect(lines('red, bone and white, stippled')).toBe(1);
});

test('words of the body and kit are never a pot; a spot of that name is the place', () => {
  const withSpot = {
    ...beside,
    recipe: { ...saidAbove, spots: [{ id: 's', name: 'lips', share: 0.05 }] },
  };
  expect(read('red on the lower lip', withSpot).step?.placement.aim?.spot).toBe('s');
  expect(read('red on the knuckles').spots).toEqual([{ name: 'knuckles', share: 0.04 }]);
  for (const word of ['rivets', 'strap edge', 'membrane', 'horn tips', 'hem'])
    expect(read(`red on the ${word}`)).toMatchObject({
      marks: [],
      said: { parts: [{ potId: 'red' }] },
    });
});

test('words that only colour a sentence change nothing', () => {
  const { id: _id, note: _note, ...bare } = read('red, two coats, everywhere').step ?? {};
  const { step, marks } = read(
    "nice and careful, red, two coats, everywhere, don't worry if it looks rough",
  );
  expect(marks).toEqual([]);
  expect(step).toMatchObject(bare);
});

test('a pot may be called like a word of ours', () => {
  const pots = [
    ...saidPots,
    potWith({ id: 'then', name: 'Then' }),
    potWith({ id: 'two', name: 'Two Thin Coats' }),
  ];
  const odd = { ...first, names: new PotNames(pots) };
  expect(read('Two Thin Coats, 2 coats', odd).said).toMatchObject({
    parts: [{ potId: 'two' }],
    coats: 2,
  });
  expect(read('"Then" on the edges', odd).said.parts).toEqual([{ potId: 'then' }]);
});

test.each([
  '1 2 3 4 5',
  '🎨🎨',
  'أحمر على الحواف',
  ')))',
  'x'.repeat(3000),
  'rouge sur les arêtes, deux couches',
])('%s makes no line of anything, and throws nothing', (sentence) => {
  expect(() => read(sentence, first)).not.toThrow();
  expect(read(sentence, first).said.parts).toEqual([]);
});

test('another language is said to be one, in one sentence', () => {
  const { marks } = read('bonjour je veux peindre une figurine');
  expect(marks).toMatchObject([{ from: 0 }]);
  expect(marks[0].message).toContain('English');
});

test('a tint for the lights is drawn towards them, and one for a side lies on it', () => {
  expect(read('red glaze on the raised parts').step?.placement.pull).toBe('up');
  expect(read('red glaze on the underside').step?.placement.pull).toBe('even');
  expect(read('red glaze in the shadows').step?.placement.pull).toBe('down');
});

test('a first coat goes everywhere, whatever it is called or put on with', () => {
  expect(read('red for the mid tone, two coats', first).step?.placement).toMatchObject({
    from: 0,
    to: 1,
  });
  expect(read('base red by airbrush', first).step?.placement).toMatchObject({ from: 0, to: 1 });
});
