import { techniqueNames, techniqueOf } from '../../../written/technique/techniques';
import { kinds } from './kinds';
import { beginsOurs, keyOf, longestPhrase, vocabulary } from './vocabulary';
import { wordsOf } from '../words';

test('every kind has a letter of its own', () => {
  const letters = Object.values(kinds);
  expect(new Set(letters).size).toBe(letters.length);
  for (const letter of letters) expect([...letter]).toHaveLength(1);
});

test('every phrase is found as it is written, in capitals too', () => {
  expect.hasAssertions();
  for (const phrase of vocabulary.keys()) {
    expect(keyOf(wordsOf(phrase))).toBe(phrase);
    expect(keyOf(wordsOf(phrase.toUpperCase()))).toBe(phrase);
    expect(phrase.split(' ').length).toBeLessThanOrEqual(longestPhrase);
  }
});

test('every technique is called by its first name, and by no name of another', () => {
  expect.hasAssertions();
  for (const name of techniqueNames) {
    const [first, ...others] = techniqueOf(name).saidAs;
    expect(vocabulary.get(keyOf(wordsOf(first)))).toMatchObject({ kind: 'technique', value: name });
    for (const also of others) {
      const found = vocabulary.get(keyOf(wordsOf(also)));
      if (found?.kind === 'technique') expect(found.value).toBe(name);
    }
  }
});

test('the beginning of a word of ours is known to be one', () => {
  expect(beginsOurs('wat')).toBe(true);
  expect(beginsOurs('reces')).toBe(true);
  expect(beginsOurs('zebra')).toBe(false);
});
