import { PotNames } from '@yellow-ledger/core';
import { pots } from '../../testing/levy';
import { potCompletions } from './potCompletions';

const called = (id: string, name: string) => ({ ...pots[0], id, name });
const names = new PotNames([
  called('dusk', 'Dusk Water'),
  called('blush', 'Blushwater Wash'),
  called('bone', 'Old Bone'),
  { ...called('gone', 'Dusk Violet'), retired: true },
]);
const completed = (sentence: string) =>
  potCompletions(sentence, names).map(({ sentence: whole }) => whole);

test('a part of the kit is no pot that is called so', () => {
  const withBuckle = new PotNames([called('steel', 'Buckle Steel')]);
  expect(potCompletions('white on the buckle', withBuckle)).toEqual([]);
  expect(potCompletions('2 buckle', withBuckle)).toHaveLength(1);
});

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
