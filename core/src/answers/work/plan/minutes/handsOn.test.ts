import type { FormName } from '../../../../written/place/forms';
import { techniqueOf, type TechniqueName } from '../../../../written/technique/techniques';
import { reckonedDryMinutes } from './dryingTime';
import { handsOnMinutes } from './handsOn';

type Range = readonly [least: number, most: number];

const step = (technique: TechniqueName, from: number, to: number, waterParts = 1) => ({
  technique,
  mix: { parts: [], waterParts, mediumParts: 0 },
  placement: { from, to, softness: 0.1, pull: 'even' as const },
});
const usual = (technique: TechniqueName, waterParts = 1) => {
  const { from, to } = techniqueOf(technique).usualPlacement;
  return step(technique, from, to, waterParts);
};

/** One coat on one figure of some 24 cm², rank and file and display, as practised hands take. */
const table: [what: string, ReturnType<typeof step>, areaCm2: number, FormName, Range, Range][] = [
  ['base coat of a cloak', step('brushCoat', 0, 1), 8, 'folds', [1, 2], [3, 5]],
  ['base coat of a belt', step('brushCoat', 0, 1), 1.5, 'limb', [0.5, 1], [1, 3]],
  ['all-over wash of a coat', usual('allOverWash'), 8, 'folds', [0.5, 1], [0.5, 1.5]],
  ['recess wash of a coat', usual('recessWash'), 8, 'folds', [1, 3], [5, 15]],
  ['layer with soft ends on a cloak', step('layer', 0.5, 1), 8, 'folds', [1, 3], [4, 10]],
  ['one pass of a placed glaze', step('placedGlaze', 0, 0.5, 6), 8, 'folds', [0.5, 1], [1, 3]],
  ['dry brush of a coat', usual('dryBrush', 0), 8, 'folds', [0.5, 1], [0.6, 2]],
  ['stipple of a coat', step('stipple', 0.4, 1), 6, 'folds', [1, 3], [5, 30]],
  ['hair, line by line', step('lineWork', 0.4, 1), 4, 'hair', [1, 3], [6, 30]],
  ['edges of armour', usual('edgeLine'), 8, 'plate', [1, 4], [5, 15]],
  ['points', usual('point'), 4, 'gem', [0.3, 2], [0.8, 10]],
];

test.each(table)('%s takes what painters say', (_, line, areaCm2, form, rank, display) => {
  const fits = (level: 'field' | 'display', [least, most]: Range) => {
    const minutes = handsOnMinutes(line, areaCm2, { form }, level);
    expect(minutes).toBeGreaterThanOrEqual(least);
    expect(minutes).toBeLessThanOrEqual(most);
  };
  fits('field', rank);
  fits('display', display);
});

test('a skull of seven coats takes a rank-and-file painter four to eight minutes', () => {
  const lines = [
    step('brushCoat', 0, 1),
    step('brushCoat', 0, 1),
    usual('allOverWash'),
    step('layer', 0.5, 1),
    step('layer', 0.5, 1),
    step('layer', 0.7, 1),
    usual('edgeLine'),
  ];
  const minutes = lines.reduce(
    (sum, line) => sum + handsOnMinutes(line, 2, { form: 'orb' }, 'field'),
    0,
  );
  expect(minutes).toBeGreaterThan(4);
  expect(minutes).toBeLessThan(8);
});

test.each<[string, ReturnType<typeof step>, Range]>([
  ['a thin layer', step('layer', 0.5, 1, 1), [1, 5]],
  ['a glaze', step('placedGlaze', 0, 0.5, 6), [2, 4]],
  ['a neat coat', step('brushCoat', 0, 1, 0), [8, 15]],
  ['a wash in its pools', usual('allOverWash', 0), [15, 40]],
  ['primer from the can', usual('spray', 0), [20, 60]],
])('%s is dry enough after what painters wait', (_, line, [least, most]) => {
  const { parts } = line.mix;
  const paint = { ...line.mix, parts: [...parts, { from: 'pot' as const, potId: 'p', parts: 1 }] };
  const minutes = reckonedDryMinutes({ ...line, mix: paint });
  expect(minutes).toBeGreaterThanOrEqual(least);
  expect(minutes).toBeLessThanOrEqual(most);
});
