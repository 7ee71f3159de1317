import { recipeWith } from '../../testing/sampleRecipe';
import { recipePinSchema } from './recipePin';
import { freezeSchema, versionSchema } from './version';

const version = {
  recipeId: 'r',
  number: 1,
  note: '',
  frozenAt: '2026-12-01T18:00:00.000Z',
  content: recipeWith([]),
};

test.each([
  [0, false],
  [1, true],
  [9999, true],
  [10_000, false],
  [1.5, false],
])('a version is number %d: %s', (number, isRight) => {
  expect(versionSchema.safeParse({ ...version, number }).success).toBe(isRight);
  expect(recipePinSchema.safeParse({ recipeId: 'r', version: number }).success).toBe(isRight);
});

test('a pin may follow the page as it is now', () => {
  expect(recipePinSchema.safeParse({ recipeId: 'r', version: null }).success).toBe(true);
});

test.each([
  [0, false],
  [1, true],
  [2.5, false],
])('what was never saved is not frozen: revision %d: %s', (revision, isRight) => {
  expect(freezeSchema.safeParse({ note: '', revision }).success).toBe(isRight);
});
