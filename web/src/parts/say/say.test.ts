import { PotNames, readLine, type Recipe } from '@yellow-ledger/core';
import { coat, pots } from '../../testing/levy';
import { potCompletions } from './potCompletions';
import { unknownAsNote } from './unknownAsNote';

const called = (id: string, name: string) => ({ ...pots[0], id, name });
const names = new PotNames([
  called('dusk', 'Dusk Water'),
  called('blush', 'Blushwater Wash'),
  called('bone', 'Old Bone'),
  { ...called('gone', 'Dusk Violet'), retired: true },
]);
const completed = (sentence: string) =>
  potCompletions(sentence, names).map(({ sentence: whole }) => whole);

test('a name is completed by any word of it, by several, and by its middle', () => {
  expect(completed('2 dus')).toEqual(['2 Dusk Water']);
  expect(completed('2 dusk wa')).toEqual(['2 Dusk Water']);
  expect(completed('layer bon')).toEqual(['layer Old Bone']);
  expect(completed('1 lushw')).toEqual(['1 Blushwater Wash']);
});

test('nothing is offered for a letter, a whole name, a figure, or a name that is retired', () => {
  expect(completed('d')).toEqual([]);
  expect(completed('old bone')).toEqual([]);
  expect(completed('1:8')).toEqual([]);
  expect(completed('dusk vio')).toEqual([]);
});

const recipe: Recipe = { ...coat, steps: [] };
const noted = (sentence: string) =>
  unknownAsNote(sentence, readLine(sentence, { names, recipe, above: [] }, 'x').marks);

test('what is no word of ours goes behind the sentence as a note, and reads without a mark', () => {
  expect(noted('old bone, splodged, soft')).toBe('old bone, soft, note "splodged"');
  expect(noted('eyes old bone')).toBe('old bone, note "eyes"');
  for (const sentence of ['old bone, splodged, soft', 'eyes old bone', 'old bone, soft zigzag'])
    expect(readLine(noted(sentence) ?? '', { names, recipe, above: [] }, 'x').marks).toEqual([]);
});

test('what is unclear otherwise, or has a note already, is not put aside', () => {
  expect(noted('old bone, line 7')).toBeNull();
  expect(noted('old bone, splodged, note "thin"')).toBeNull();
  expect(noted('old bone')).toBeNull();
});
