import { isSpokenWord, potSaid, type PotNames } from '@yellow-ledger/core';

/** A sentence as it would be with the name under way written out. */
export interface Completion {
  potId: string;
  name: string;
  hex: string;
  /** the whole sentence */
  sentence: string;
}

const mostShown = 8;
const leastLetters = 2;
const middleLetters = 4;

/**
 * Pots with what is being typed at the end of a sentence in their names, those that begin with it
 * first; none where it is the whole of one.
 */
export function potCompletions(sentence: string, names: PotNames): Completion[] {
  if (isPlaceSaid(sentence)) return [];
  for (const under of underWay(sentence)) {
    const found = names.pots.filter((pot) => !pot.retired && rankOf(pot.name, under) <= 2);
    if (found.some(({ name }) => name.toLowerCase() === under)) return [];
    if (found.length === 0) continue;
    const before = sentence.slice(0, sentence.length - under.length);
    return found
      .map((pot) => ({ pot, rank: rankOf(pot.name, under) }))
      .sort((one, other) => one.rank - other.rank || one.pot.name.localeCompare(other.pot.name))
      .slice(0, mostShown)
      .map(({ pot: { id, name, swatch } }) => ({
        potId: id,
        name,
        hex: swatch,
        sentence: before + potSaid(id, { names }),
      }));
  }
  return [];
}

/** “On the buckle” is where, and no pot that is called so. */
function isPlaceSaid(sentence: string): boolean {
  const last = /\b(?:on|in|round|around|over|the|each|every|into|along) ([\p{L}'’]+)$/iu.exec(
    sentence,
  )?.[1];
  return last !== undefined && isSpokenWord(last);
}

/** The last words of a sentence that may be of one name, the most of them first. */
function underWay(sentence: string): string[] {
  const last = /(?:[\p{L}'’]+ ){0,3}[\p{L}'’]+$/u.exec(sentence)?.[0].toLowerCase() ?? '';
  const words = last.split(' ');
  return words
    .map((_, index) => words.slice(index).join(' '))
    .filter((phrase) => phrase.length >= leastLetters);
}

/** 0 where the name begins so, 1 where a word of it does, 2 where it has it in the middle, else 3. */
function rankOf(name: string, under: string): number {
  const small = name.toLowerCase();
  if (small.startsWith(under)) return 0;
  if (small.includes(` ${under}`)) return 1;
  // In the middle of a word a few letters stand for nothing yet.
  return under.length >= middleLetters && small.includes(under) ? 2 : 3;
}
