import { screenFiles, stringsOf } from './screenStrings.mjs';

/** Syllables of an English word, by its groups of vowels; a silent e at its end does not count. */
export function syllables(word) {
  const plain = word.toLowerCase().replace(/[^a-z]/gu, '');
  const groups = plain.replace(/(?:[^laeiouy]|[^l]l)e$/u, '').match(/[aeiouy]+/gu) ?? [];
  return Math.max(1, groups.length);
}

const wordsOf = (text) => text.match(/[\p{L}\d][\p{L}\d’'-]*/gu) ?? [];

/** @example sentencesOf('Done. Undo it?') // → ['Done.', 'Undo it?'] */
export const sentencesOf = (text) =>
  text.split(/(?<=[.!?:;])\s+(?=[\p{Lu}…“])|\s·\s/u).filter((each) => wordsOf(each).length > 0);

/**
 * The school grade in which a text is read easily.
 * @source J. P. Kincaid et al., Derivation of new readability formulas, Naval Technical Training
 *   Command, Research Branch Report 8-75, 1975.
 */
export function readingGrade(text) {
  const words = wordsOf(text);
  const perSentence = words.length / Math.max(1, sentencesOf(text).length);
  const perWord = words.reduce((sum, word) => sum + syllables(word), 0) / words.length;
  return 0.39 * perSentence + 11.8 * perWord - 15.59;
}

/** Strings of five words or more on screen, with their grade; and sentences longer than allowed. */
export function measuredStrings(mostWords = 25) {
  const found = screenFiles()
    .flatMap((file) => stringsOf(file).map(({ text, line }) => ({ text, at: `${file}:${line}` })))
    .filter(({ text }) => wordsOf(text).length >= 5);
  const grades = found.map(({ text }) => readingGrade(text)).sort((one, other) => one - other);
  const long = found.flatMap(({ text, at }) =>
    sentencesOf(text)
      .filter((sentence) => wordsOf(sentence).length > mostWords)
      .map((sentence) => ({ at, sentence })),
  );
  return { count: found.length, median: grades[Math.floor(grades.length / 2)], long };
}

if (import.meta.url === `file://${process.argv[1]}`) {
  const { count, median, long } = measuredStrings();
  console.log(
    `${count} strings of five words or more, reading grade ${median.toFixed(1)} in the middle`,
  );
  for (const { at, sentence } of long) console.log(`${at}: ${sentence}`);
}
