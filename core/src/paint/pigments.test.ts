import { hexSchema } from '../colour/hex';
import { guessedByName, pigments } from './pigments';

test('every pigment has a colour, hides more or less, and a name of its own', () => {
  for (const { swatch, hiding } of pigments) {
    expect(hexSchema.safeParse(swatch).success).toBe(true);
    expect(hiding).toBeGreaterThan(0);
    expect(hiding).toBeLessThan(1);
  }
  expect(new Set(pigments.map(({ name }) => name)).size).toBe(pigments.length);
});

test('a name that says its pigment is taken to look like it; any other is not guessed at', () => {
  expect(guessedByName('Student YELLOW-OCHRE, 60 ml')).toMatchObject({
    swatch: '#c08b34',
    isKnown: true,
  });
  expect(guessedByName('Ochre yellow')).toMatchObject({ isKnown: false, word: 'yellow' });
  expect(guessedByName('Marsh Light')).not.toHaveProperty('word');
});
