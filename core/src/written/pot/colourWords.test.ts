import { colourOfHex } from '../../light/colour/colourOfHex';
import { hexSchema } from '../../light/colour/hex';
import { colourByWord, colourInWords } from './colourWords';

const colourOf = (name: string) => colourOfHex(colourByWord(name)!.swatch);

test('the last word for a colour counts, as in speech', () => {
  expect(colourByWord('Bone white')?.word).toBe('white');
  expect(colourByWord('Dark Sea Blue, old bottle')?.word).toBe('blue');
  expect(colourByWord('red-brown')?.word).toBe('brown');
});

test('a word within another is none', () => {
  expect(colourByWord('Redshank')).toBeNull();
  expect(colourByWord('Marsh Light')).toBeNull();
  expect(colourByWord('')).toBeNull();
});

test('dark and pale are darker and lighter than the colour alone, and of its hue', () => {
  for (const word of ['red', 'green', 'blue', 'brown', 'grey', 'purple', 'olive']) {
    const plain = colourOf(word);
    expect(colourOf(`dark ${word}`).value).toBeLessThan(plain.value - 6);
    expect(colourOf(`pale ${word}`).value).toBeGreaterThan(plain.value + 6);
    for (const name of [`dark ${word}`, `pale ${word}`])
      expect(hexSchema.safeParse(colourByWord(name)?.swatch).success).toBe(true);
  }
});

test('two words for one colour are that colour', () => {
  expect(colourByWord('gray')?.swatch).toBe(colourByWord('grey')?.swatch);
  expect(colourByWord('flesh')?.swatch).toBe(colourByWord('skin')?.swatch);
});

test('a colour is called by the plain words nearest to it', () => {
  for (const word of ['red', 'blue', 'dark green', 'pale violet', 'bone', 'rust'])
    expect(colourInWords(colourByWord(word)!.swatch)).toBe(word);
  expect(colourInWords('#000000')).toMatch(/black/);
  expect(colourInWords('#e0b020')).toBe('yellow');
});
