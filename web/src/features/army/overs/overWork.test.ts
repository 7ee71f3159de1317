import type { Army, Over } from '@yellow-ledger/core';
import { takeLedger, takeShelf } from '../../../testing/inHand';
import { coat, levy, levyWith, line, now, pots, recipe, skin } from '../../../testing/levy';
import { overWork } from './overWork';

const dust = recipe('dust', [line('dust', 'tallow', { technique: 'placedGlaze', coats: 2 })]);
const bare = recipe('bare', []);
const over = (part: Partial<Over> = {}): Over => ({
  id: 'over',
  name: 'Road dust',
  recipe: now('dust'),
  surfaces: 'all',
  ...part,
});
const withOver = (...overs: Over[]): Army => levyWith({ overs });
const made = (army: Army, id = 'over') => overWork.overOnEach(army, army.units[0], id);

beforeEach(() => {
  takeShelf(pots);
  takeLedger([coat, skin, dust, bare]);
});

test('it lies on each surface, on what that one is painted in', () => {
  const each = made(withOver(over()))!;
  expect(each.map(({ surfaceId, name }) => [surfaceId, name])).toEqual([
    ['coat', 'Coat'],
    ['face', 'Face'],
  ]);
  const [onCoat, onFace] = each.map(({ build }) => build.ground[4].hex);
  expect(onCoat).not.toBe(onFace);
  expect(each.map(({ isUnseen }) => isUnseen)).toEqual([false, false]);
});

test('on named surfaces it lies on those alone', () => {
  expect(made(withOver(over({ surfaces: ['face'] })))!.map(({ surfaceId }) => surfaceId)).toEqual([
    'face',
  ]);
});

test('on another it lies over that too', () => {
  const alone = made(withOver(over()))![0].build.ground[4].hex;
  const first = over({ id: 'first', name: 'Mud' });
  const second = made(withOver(first, over()))![0].build.ground[4].hex;
  expect(second).not.toBe(alone);
});

test('what changes nothing to be seen is said so', () => {
  expect(made(withOver(over({ recipe: now('bare') })))!.map(({ isUnseen }) => isUnseen)).toEqual([
    true,
    true,
  ]);
});

test('a surface without a recipe is passed over', () => {
  takeLedger([coat, dust]);
  expect(made(withOver(over()))!.map(({ surfaceId }) => surfaceId)).toEqual(['coat']);
});

test.each([
  ['that is gone', withOver(over()), 'another'],
  ['without a recipe', withOver(over({ recipe: null } as never)), 'over'],
  ['whose recipe is gone', withOver(over({ recipe: now('lost') })), 'over'],
  ['of a unit without any', levy, 'over'],
])('one %s lies nowhere', (_, army, id) => {
  expect(made(army, id)).toBeNull();
});
