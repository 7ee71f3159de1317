import { wordsOf } from '../words';
import { amounts } from './amounts';
import { asides } from './asides';
import { bodyWords } from './bodyWords';
import { combinedPhrases } from './combined';
import type { Entry, Meaning } from './entry';
import { orderWords } from './order';
import { places } from './places';
import { quietWords } from './quietWords';
import { sides } from './sides';
import { techniqueWords } from './techniqueWords';
import { thinness } from './thinness';

/** One meaning of a phrase, and how much it explains. */
export interface Sense {
  meaning: Meaning;
  weight: number;
}

const all: readonly Entry[] = [
  ...places,
  ...sides,
  ...amounts,
  ...thinness,
  ...techniqueWords,
  ...orderWords,
  ...bodyWords,
  ...quietWords,
  ...asides,
  ...combinedPhrases,
];

/** Words as they are looked up, whatever their spelling. */
export const spelled = (word: string): string =>
  word
    .replace(/[’']/gu, '')
    .replace(/^colou?r/u, 'colour')
    .replace(/^gray/u, 'grey')
    .replace(/^armor/u, 'armour')
    .replace(/ise([ds]?)$/u, 'ize$1')
    // “Your base colour” is the base colour.
    .replace(/^(?:your|my|our|their|his|her)$/u, 'the');

/**
 * A word without its ending, so that every form of a verb is the same word.
 * @example stem('leaving') === stem('leave') && stem('leaving') === stem('leaves') // → true
 */
export const stem = (word: string): string => {
  const bare = spelled(word).replace(/(?<=[a-z]{3})(?:ing|ed|es|s|e)$/u, '');
  return bare.replace(/([bdgklmnprt])\1$/u, '$1');
};

export const stemKey = (words: readonly string[]): string => words.map(stem).join(' ');

export const phraseKey = (words: readonly string[]): string => words.map(spelled).join(' ');

/** Every phrase with all it can mean. */
export const lexicon: ReadonlyMap<string, readonly Sense[]> = (() => {
  const map = new Map<string, Sense[]>();
  for (const { phrases, meaning, weight = 1 } of all)
    for (const phrase of phrases.split('|')) {
      const key = phraseKey(wordsOf(phrase).map(({ text }) => text));
      if (key === '') continue;
      const senses = map.get(key) ?? [];
      const known = senses.find((each) => JSON.stringify(each.meaning) === JSON.stringify(meaning));
      if (known) known.weight = Math.max(known.weight, weight);
      else senses.push({ meaning, weight });
      map.set(key, senses);
    }
  return map;
})();

/** The same by the stems of their words, for forms that no phrase has. */
export const lexiconOfStems: ReadonlyMap<string, readonly Sense[]> = (() => {
  const map = new Map<string, Sense[]>();
  for (const [key, senses] of lexicon) {
    const stems = stemKey(key.split(' '));
    map.set(stems, [...(map.get(stems) ?? []), ...senses]);
  }
  return map;
})();

/** Phrases of one word that are long enough to be misspelt, by their first letter. */
const byLetter = new Map<string, string[]>();
for (const key of lexicon.keys()) {
  if (key.includes(' ') || key.length < 5) continue;
  byLetter.set(key[0], [...(byLetter.get(key[0]) ?? []), key]);
}
export const wordsBeginning = (letter: string): readonly string[] => byLetter.get(letter) ?? [];

/** Words in the longest phrase. */
export const longestInLexicon = Math.max(
  ...[...lexicon.keys()].map((key) => key.split(' ').length),
);

/** Whether a word alone has a meaning in a sentence. @example isSpokenWord('buckle') // → true */
export const isSpokenWord = (word: string): boolean => lexicon.has(spelled(word.toLowerCase()));

const words = new Set([...lexicon.keys()].flatMap((key) => key.split(' ')));

/** Whether a word stands in any phrase: then it is not another one that was misspelt. */
export const isWordOfOurs = (word: string): boolean => words.has(spelled(word));
