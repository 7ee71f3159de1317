import { saidAbove, saidPots } from '../testing/shorthand/shelf';
import { judgeSaid } from '../testing/shorthand/judgeSaid';
import { said as every } from '../testing/shorthand/said';
import { PotNames } from './potNames';
import { readLine } from './readLine';

const beside = { names: new PotNames(saidPots), recipe: saidAbove, above: saidAbove.steps };
const judged = every.map((said) => ({
  sentence: said[0],
  ...judgeSaid(readLine(said[0], beside, 'new'), said),
}));

test('there are sentences enough to tell', () => {
  expect(every.length).toBeGreaterThanOrEqual(150);
});

test('none of them is read wrongly without a word', () => {
  expect(judged.filter(({ is }) => is === 'wrong')).toEqual([]);
});

test('95 of 100 are read as they were meant', () => {
  const asked = judged.filter(({ is }) => is !== 'right');
  if (asked.length > 0.05 * every.length) expect(asked).toEqual([]);
  expect(asked.length).toBeLessThanOrEqual(0.05 * every.length);
});
