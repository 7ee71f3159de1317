import { potWith } from '../../../testing/sampleRecipe';
import { saidAbove, saidPots } from '../../../testing/shorthand/shelf';
import { PotNames } from '../potNames';
import { lacksPot, readLine } from '../readLine';

const above = saidAbove.steps;
const beside = { names: new PotNames(saidPots), recipe: saidAbove, above };
const read = (sentence: string, of = beside) => readLine(sentence, of, 'new');
const marks = (sentence: string, of = beside) =>
  read(sentence, of).marks.map(({ from, to }) => sentence.slice(from, to));
const rough = (sentence: string) =>
  read(sentence).rough.map(({ from, to, means }) => [sentence.slice(from, to), means]);

test('“thin” is told to be as thin as is usual, unless a figure is said', () => {
  expect(rough('ochre, 2 thin coats')).toEqual([['thin', 'thinned as is usual for it']]);
  expect(rough('thin ochre, 1 paint : 3 water')).toEqual([]);
  expect(read('thin ochre, 1 paint : 3 water').said.water).toBe(3);
});

test('“let dry” is told to be as long as the film takes, unless minutes are said', () => {
  expect(rough('ochre, let dry')).toEqual([['let dry', 'as long as its film takes']]);
  expect(read('ochre, let dry').step?.dryMinutes).toBe(0);
  expect(rough('ochre, let dry 20 min')).toEqual([]);
});

test('water that is counted with the pots is of the same parts, and it is told', () => {
  expect(read('2 ochre + 1 umber + 3 water').said.water).toBe(1);
  expect(read('2 ochre + 1 umber, half water').said.water).toBe(0.5);
  expect(read('ochre, 2 water').said.water).toBe(2);
  expect(rough('2 ochre + 1 umber + 3 water')[0][1]).toContain('1 paint : 1 water');
  expect(rough('ochre, 2 water')).toEqual([]);
  expect(read('ochre + bone, 2 water').said.water).toBe(2);
  expect(read('ochre + bone 1:1, 2 water').said.water).toBe(2);
  expect(read('ochre + bone 1:1, 2 parts water').said.water).toBe(1);
  expect(rough('ochre + bone, 2 water')).toEqual([['2 water', 'to 1 part of the mix']]);
});

test('a ratio alone under a mix of two pots is of them', () => {
  const [line] = above;
  const under = { ...beside, above: [line] };
  expect(read('1:2 into the recesses', under).said.parts).toEqual([
    { potId: 'ochre', parts: 1 },
    { potId: 'umber', parts: 2 },
  ]);
  expect(marks('again, 1 paint : 2 water', under)).toEqual([]);
  expect(read('1:2').said.water).toBe(2);
});

test('what is left out is where it does not go, low or high', () => {
  expect(read('layer ochre, leave the recesses dark').said.tone).toEqual({ from: 0.22, to: 1 });
  expect(read('layer ochre, stay off the edges').said.tone).toEqual({ from: 0, to: 0.85 });
  expect(read('layer ochre, leave the deepest folds').said.tone).toEqual({ from: 0.1, to: 1 });
});

test('a number after a heading is no part of a mix', () => {
  expect(read('Highlight 2: 2 ochre + 1 bone').said.parts).toEqual([
    { parts: 2, potId: 'ochre' },
    { parts: 1, potId: 'bone' },
  ]);
  expect(read('glaze 1:4 medium plum').said.medium).toBe(4);
});

test('two pots are one mix only where that is said', () => {
  for (const sentence of ['copper, wash of sepia', 'ochre bone', 'ochre, layer, bone'])
    expect(marks(sentence).length).toBeGreaterThan(0);
  for (const sentence of ['ochre + bone', 'ochre and bone', 'ochre with bone', '2 ochre 1 bone'])
    expect(marks(sentence)).toEqual([]);
});

test('the words for a colour mean no primer, unless something is primed', () => {
  const primer = potWith({ id: 'soot', name: 'Black Primer', kind: 'primer' });
  const few = { ...beside, names: new PotNames([primer]), above: [] };
  expect(lacksPot(read('base black', few))).toBe(true);
  expect(read('prime black', few).said.parts).toEqual([{ potId: 'soot' }]);
  expect(read('black primer', few).said.parts).toEqual([{ potId: 'soot' }]);
});

test('a varnish that is not on the shelf is asked for by all of its words', () => {
  const names = new PotNames(saidPots.filter(({ kind }) => kind !== 'varnish'));
  expect(marks('matt varnish', { ...beside, names })).toEqual(['matt varnish']);
  expect(lacksPot(read('matt varnish', { ...beside, names }))).toBe(true);
});

test('several words that no pot has are one name, and its ratio waits for it', () => {
  expect(marks('basecoat dark fern + ochre 3:1')).toEqual(['dark fern']);
  expect(marks('light moss + ochre')).toEqual(['light moss']);
});
