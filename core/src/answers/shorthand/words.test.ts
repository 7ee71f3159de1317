import fc from 'fast-check';
import { quoted, wordsOf } from './words';

const textsOf = (sentence: string) => wordsOf(sentence).map(({ text }) => text);
const valuesOf = (sentence: string) =>
  wordsOf(sentence).flatMap(({ value }) => (value === undefined ? [] : [value]));

test('figures are read as they are written: whole, with a point or a comma, as fractions', () => {
  expect(valuesOf('2 0.5 0,25 ½ 1½ 1/3 2 3/4 ¾ 1e-7')).toEqual([
    2,
    0.5,
    0.25,
    0.5,
    1.5,
    1 / 3,
    2.75,
    0.75,
    1e-7,
  ]);
});

test('a comma that ends a part is no part of a figure', () => {
  expect(valuesOf('2, 3')).toEqual([2, 3]);
});

test('a ratio is two figures and a sign between them', () => {
  expect(textsOf('1:8 ×4')).toEqual(['1', ':', '8', '×', '4']);
  expect(textsOf('x2 2x')).toEqual(['x', '2', '2', 'x']);
});

test('words keep their hyphens and their marks, in small letters', () => {
  expect(textsOf('All-Over WASH, fur’s Säule')).toEqual([
    'all-over',
    'wash',
    ',',
    "fur's",
    'säule',
  ]);
});

test('every word stands where it says, one after the other', () => {
  fc.assert(
    fc.property(fc.string({ unit: 'grapheme' }), (sentence) => {
      let last = 0;
      for (const { from, to } of wordsOf(sentence)) {
        expect(from).toBeGreaterThanOrEqual(last);
        expect(to).toBeGreaterThan(from);
        last = to;
      }
      expect(last).toBeLessThanOrEqual(sentence.length);
    }),
  );
});

test('nothing but blanks is passed over', () => {
  fc.assert(
    fc.property(fc.string(), (sentence) => {
      const read = wordsOf(sentence).map(({ from, to }) => sentence.slice(from, to));
      const blank = (text: string) => text.replace(/\s/gu, '');
      expect(blank(read.join(''))).toBe(blank(sentence));
    }),
  );
});

test('any text in quotes is read back as it is', () => {
  fc.assert(
    fc.property(fc.string({ unit: 'grapheme' }), (text) => {
      expect(wordsOf(quoted(text))).toMatchObject([{ is: 'quoted', text }]);
    }),
  );
});

test('quotes that are not closed go on to the end', () => {
  expect(wordsOf('note "left open')).toMatchObject([
    { text: 'note' },
    { is: 'quoted', text: 'left open' },
  ]);
});

test('isolates around a name from right to left are no words of the sentence', () => {
  expect(wordsOf('2 \u2068צהוב\u2069 + 1').map(({ text }) => text)).toEqual([
    '2',
    'צהוב',
    '+',
    '1',
  ]);
});
