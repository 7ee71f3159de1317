import { hexSchema } from '../../light/colour/hex';
import { pigments } from './pigments';

test('every pigment has a colour, hides more or less, and a name of its own', () => {
  for (const { swatch, hiding } of pigments) {
    expect(hexSchema.safeParse(swatch).success).toBe(true);
    expect(hiding).toBeGreaterThan(0);
    expect(hiding).toBeLessThan(1);
  }
  expect(new Set(pigments.map(({ name }) => name)).size).toBe(pigments.length);
});
