import { measuredStrings, readingGrade, sentencesOf, syllables } from './readingGrade.mjs';
import { stringsOf } from './screenStrings.mjs';

test('syllables, sentences and the grade of plain and of heavy words', () => {
  expect(['paint', 'undercoat', 'yellow', 'palette'].map(syllables)).toEqual([1, 3, 2, 2]);
  expect(sentencesOf('Let it dry. Then paint on.')).toHaveLength(2);
  expect(readingGrade('Let it dry. Then paint the next coat.')).toBeLessThan(3);
  expect(
    readingGrade('Prior verification of applicability necessitates considerable consideration'),
  ).toBeGreaterThan(12);
});

test('strings are found in text, in read attributes and in sentences, and not in code', () => {
  const source = `
    import { a } from 'no string of the screen';
    export const b = <p className="flow wide" title="Add a pot">{n} pots{' '}are here</p>;
    export const c = \`/api/\${n}/more\`;
    export const d = 'Nothing is lost.';
  `;
  const texts = stringsOf('x.tsx', source).map(({ text }) => text);
  expect(texts).toEqual(['… pots are here', 'Add a pot', 'Nothing is lost.']);
});

test('no sentence on screen has more than 25 words, and the median is read in the seventh grade', () => {
  const { count, median, long } = measuredStrings();
  expect(long).toEqual([]);
  expect(count).toBeGreaterThan(500);
  expect(median).toBeLessThanOrEqual(7);
});
