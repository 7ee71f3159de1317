import { surfaceFacts } from './surfaceFacts';
import { surfaces } from '../technique/surfaceNames';

test('metal, gems and blades bear the most contrast, cloth and skin the least', () => {
  const contrasts = surfaces.map((name) => surfaceFacts[name].contrast);
  for (const name of ['metal', 'gem', 'blade'] as const)
    expect(surfaceFacts[name].contrast).toBe(Math.max(...contrasts));
  for (const name of ['cloth', 'skin'] as const)
    expect(surfaceFacts[name].contrast).toBe(Math.min(...contrasts));
  for (const name of ['leather', 'armour'] as const) {
    expect(surfaceFacts[name].contrast).toBeGreaterThan(surfaceFacts.cloth.contrast);
    expect(surfaceFacts[name].contrast).toBeLessThan(surfaceFacts.metal.contrast);
  }
});

test('what bears as much asks for the same', () => {
  expect.hasAssertions();
  const wanted = new Map(surfaces.map((name) => [surfaceFacts[name].wants, name]));
  for (const name of surfaces) {
    const alike = wanted.get(surfaceFacts[name].wants)!;
    const apart = surfaceFacts[name].contrast - surfaceFacts[alike].contrast;
    expect(Math.abs(apart)).toBeLessThanOrEqual(0.3);
  }
});
