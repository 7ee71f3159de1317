import { overLeastCost } from './tinyPlans';

test('of tiny works nearly every plan is the best of every order, and none far from it', () => {
  const ratios = Array.from({ length: 25 }, (_, nth) => overLeastCost(37_300 + nth));
  for (const ratio of ratios) expect(ratio).toBeGreaterThan(1 - 1e-9);
  expect(Math.max(...ratios)).toBeLessThan(1.3);
  expect(ratios.filter((ratio) => ratio <= 1 + 1e-9).length).toBeGreaterThanOrEqual(23);
});
