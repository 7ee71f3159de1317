import { pinKey, type Pot, type Recipe } from '@yellow-ledger/core';
import { coat, line, pots, recipe } from '../testing/levy';
import { ribbonKey, type RibbonSources } from './ribbonKey';

const onCoat: Recipe = {
  ...recipe('sign', [line('mark', 'tallow')]),
  ground: { recipeId: coat.id, version: null },
};
const sources = (change: (pot: Pot) => Pot = (pot) => pot, below = coat): RibbonSources => ({
  pots: new Map(pots.map((pot) => [pot.id, change(pot)])),
  grounds: new Map([[pinKey({ recipeId: coat.id, version: null }), below]]),
  version: 'one',
});
const repainted = (id: string) => (pot: Pot) =>
  pot.id === id ? { ...pot, swatch: '#123456' } : pot;
const usedByCoat = coat.steps[0].mix.parts.flatMap((part) =>
  part.from === 'pot' ? part.potId : [],
)[0];
const unused = pots.find(({ id }) => !JSON.stringify([coat, onCoat]).includes(`"${id}"`));

test('the same recipe from the same pots has the same key, however much is left in them', () => {
  const emptier = sources((pot) => ({ ...pot, volumeMl: 3 }));
  expect(ribbonKey(structuredClone(coat), emptier)).toBe(ribbonKey(coat, sources()));
});

test.each([
  ['a line', { ...coat, steps: coat.steps.slice(1) }, sources()],
  ['a pot of it', coat, sources(repainted(usedByCoat))],
  ['its undercoat', coat, sources(repainted(coat.groundPotId))],
  ['the paint model', coat, { ...sources(), version: 'two' }],
])('%s changes: the key does too', (_what, changed, from) => {
  expect(ribbonKey(changed, from)).not.toBe(ribbonKey(coat, sources()));
});

test('what a recipe stands on counts with its pots', () => {
  const before = ribbonKey(onCoat, sources());
  const shorter = { ...coat, steps: coat.steps.slice(1) };
  expect(ribbonKey(onCoat, sources(undefined, shorter))).not.toBe(before);
  expect(ribbonKey(onCoat, sources(repainted(usedByCoat)))).not.toBe(before);
});

test('a pot that it does not draw from changes nothing', () => {
  expect(unused).toBeDefined();
  expect(ribbonKey(onCoat, sources(repainted(unused!.id)))).toBe(ribbonKey(onCoat, sources()));
});

test('recipes that stand on each other in a circle have a key all the same', () => {
  const round = { ...coat, ground: { recipeId: coat.id, version: null } };
  expect(ribbonKey(round, sources(undefined, round))).toMatch(/^[0-9a-f]{14}$/);
});
