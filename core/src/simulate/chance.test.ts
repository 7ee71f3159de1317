import { chanceFrom } from './chance';

const drawn = <Value>(times: number, draw: () => Value) => Array.from({ length: times }, draw);

test('one seed, one course of things', () => {
  const [one, same, other] = [7, 7, 8].map(chanceFrom);
  const of = ({ share }: typeof one) => drawn(20, share);
  const first = of(one);
  expect(of(same)).toEqual(first);
  expect(of(other)).not.toEqual(first);
});

test('what is likely happens as often as it says', () => {
  const { happens } = chanceFrom(3);
  const often = (probability: number) =>
    drawn(4000, () => happens(probability)).filter(Boolean).length / 4000;
  for (const probability of [0, 0.1, 0.5, 0.9])
    expect(Math.abs(often(probability) - probability)).toBeLessThan(0.03);
  expect(often(1)).toBe(1);
});

test('about a figure stays within its share of it, most of it near the middle', () => {
  const { about } = chanceFrom(5);
  const figures = drawn(4000, () => about(10, 0.4));
  expect(Math.min(...figures)).toBeGreaterThanOrEqual(6);
  expect(Math.max(...figures)).toBeLessThanOrEqual(14);
  const near = figures.filter((figure) => Math.abs(figure - 10) < 2).length / figures.length;
  // Two even shares added up: three quarters lie in the middle half.
  expect(near).toBeCloseTo(0.75, 1);
});

test('of several each comes up', () => {
  const { oneOf } = chanceFrom(9);
  expect(new Set(drawn(100, () => oneOf(['a', 'b', 'c']))).size).toBe(3);
});
