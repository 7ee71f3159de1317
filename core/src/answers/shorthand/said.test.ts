import { saidAbove, saidPots } from '../../testing/shorthand/shelf';
import { judgeSaid } from '../../testing/shorthand/judgeSaid';
import { said as every } from '../../testing/shorthand/said';
import { PotNames } from './potNames';
import { readLine } from './readLine';

const beside = { names: new PotNames(saidPots), recipe: saidAbove, above: saidAbove.steps };
/** Sentences once expected to be asked about are read by their sense now, so they are left out. */
const clear = every.filter(([, { asks = [] }]) => asks.length === 0);
const judged = clear.map((said) => ({
  sentence: said[0],
  ...judgeSaid(readLine(said[0], beside, 'new'), said),
}));

test('there are sentences enough to tell', () => {
  expect(every.length).toBeGreaterThanOrEqual(150);
});

test('2 of 100 at most are read otherwise than they were once meant', () => {
  const wrong = judged.filter(({ is }) => is === 'wrong');
  if (wrong.length > 0.02 * clear.length) expect(wrong).toEqual([]);
  expect(wrong.length).toBeLessThanOrEqual(0.02 * clear.length);
});

test('95 of 100 are read as they were meant', () => {
  const asked = judged.filter(({ is }) => is !== 'right');
  if (asked.length > 0.05 * clear.length) expect(asked).toEqual([]);
  expect(asked.length).toBeLessThanOrEqual(0.05 * clear.length);
});
