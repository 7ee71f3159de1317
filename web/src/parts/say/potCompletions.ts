import { potSaid, type PotNames } from '@yellow-ledger/core';

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
  const under = /[\p{L}'’]+$/u.exec(sentence)?.[0].toLowerCase() ?? '';
  if (under.length < leastLetters) return [];
  const before = sentence.slice(0, sentence.length - under.length);
  const rank = (name: string) => {
    const small = name.toLowerCase();
    if (small.startsWith(under)) return 0;
    return small.split(/\s+/).some((word) => word.startsWith(under)) ? 1 : 2;
  };
  // In the middle of a word a few letters stand for nothing yet.
  const worst = under.length < middleLetters ? 1 : 2;
  const found = names.pots.filter(
    ({ name, retired }) => !retired && name.toLowerCase().includes(under) && rank(name) <= worst,
  );
  if (found.some(({ name }) => before.concat(under).toLowerCase().endsWith(name.toLowerCase())))
    return [];
  return found
    .sort((one, other) => rank(one.name) - rank(other.name) || one.name.localeCompare(other.name))
    .slice(0, mostShown)
    .map(({ id, name, swatch }) => ({
      potId: id,
      name,
      hex: swatch,
      sentence: before + potSaid(id, { names }),
    }));
}
