import { mixOf, potWith, pots, recipeWith, stepWith } from '../../testing/sampleRecipe';
import { estimatesOf } from './estimatesOf';
import { shelfOf } from '../paint/mixedPaint';

const shelf = shelfOf([
  ...Object.values(pots),
  potWith({ id: 'neon', swatch: '#ff4fa0', finish: 'fluorescent' }),
  potWith({ id: 'tin', swatch: '#85888b', kind: 'primer', finish: 'metallic' }),
  potWith({ id: 'unsure', swatch: '#efeee9', kind: 'primer', hidingIsGuess: true }),
]);
const line = (id: string, ...from: string[]) =>
  stepWith({ id, mix: mixOf(Object.fromEntries(from.map((potId) => [potId, 1]))) });
const causes = (...given: Parameters<typeof recipeWith>) =>
  estimatesOf(recipeWith(...given), shelf);

test('each pot is said once with what makes it an estimate', () => {
  const lines = [line('a', 'copper', 'brown'), line('b', 'copper'), line('c', 'guessed', 'neon')];
  expect(causes(lines)).toEqual([
    { potId: 'copper', because: 'metal turns with the light' },
    { potId: 'guessed', because: 'its coverage is a guess' },
    { potId: 'neon', because: 'it glows brighter than any swatch' },
  ]);
});

test('a mix carried forward brings its pots', () => {
  const carrier = stepWith({
    id: 'carrier',
    mix: { parts: [{ from: 'step', stepId: 'a', parts: 1 }], waterParts: 0, mediumParts: 0 },
  });
  const out = { ...line('a', 'copper'), isOut: true };
  expect(causes([out])).toEqual([]);
  expect(causes([out, carrier]).map(({ potId }) => potId)).toEqual(['copper']);
});

test('a ground is an estimate as metal, and not for its hiding: it covers outright', () => {
  expect(causes([line('a', 'brown')], { groundPotId: 'tin' })).toEqual([
    { potId: 'tin', because: 'metal turns with the light' },
  ]);
  expect(causes([line('a', 'brown')], { groundPotId: 'unsure' })).toEqual([]);
});

test('tried, ordinary paint and medium are no estimate', () => {
  expect(causes([line('a', 'brown', 'medium'), line('b', 'white')])).toEqual([]);
});
