import type { Pot } from '../../written/pot/pot';
import { shelfOf, type Shelf } from '../../predicted/paint/mixedPaint';
import { small, wordsOf, type Word } from './words';

/** Pots of the shelf found by a run of words. */
export interface FoundPots {
  /** how many of the words were used */
  length: number;
  pots: Pot[];
  /** none of the words is only the beginning of one */
  isExact: boolean;
  /** the whole name of one was said */
  isWhole: boolean;
}

interface Named {
  pot: Pot;
  words: string[];
}

const known = new WeakMap<readonly Pot[], PotNames>();

/** The names of a shelf, read once for as long as it is the same list of pots. */
export function potNamesOf(pots: readonly Pot[]): PotNames {
  const names = known.get(pots) ?? new PotNames(pots);
  known.set(pots, names);
  return names;
}

/** The least letters by which the beginning of a word stands for it. */
const leastLetters = 3;

/** Pots by their names and parts of them, read once for a shelf. */
export class PotNames {
  private readonly byStart = new Map<string, Named[]>();
  /** the same pots by identifier */
  readonly shelf: Shelf;

  constructor(readonly pots: readonly Pot[]) {
    this.shelf = shelfOf(pots);
    for (const pot of pots) {
      const named = { pot, words: wordsOf(pot.name).map(({ text }) => text) };
      for (const start of new Set(named.words.map(startOf)))
        this.byStart.set(start, [...(this.byStart.get(start) ?? []), named]);
    }
  }

  /** Pots of exactly this name, the least identifier first; by identifier where none is. */
  called(name: string): Pot[] {
    const same = this.pots.filter((pot) => small(pot.name) === small(name));
    if (same.length > 0) return same.sort((one, other) => (one.id < other.id ? -1 : 1));
    return this.pots.filter(({ id }) => id === name);
  }

  /**
   * The pots that the longest run of words from a place on stands for: whole names before parts
   * of them, whole words before their beginnings. A retired pot is found by its whole name alone.
   */
  foundAt(words: readonly Word[], at: number): FoundPots | null {
    const first = words.at(at);
    if (first?.is !== 'word') return null;
    let best: FoundPots | null = null;
    let bestScore = 0;
    for (const named of this.byStart.get(startOf(first.text)) ?? []) {
      const { length, isExact, isWhole } = longestRun(words, at, named.words);
      if (length === 0 || (named.pot.retired && !isWhole)) continue;
      const score = 4 * length + (isWhole ? 2 : 0) + (isExact ? 1 : 0);
      if (score > bestScore) best = { length, pots: [named.pot], isExact, isWhole };
      else if (score === bestScore) best?.pots.push(named.pot);
      bestScore = Math.max(score, bestScore);
    }
    return best;
  }
}

const startOf = (text: string) => text.slice(0, leastLetters);

/** The longest run of words said that stands for words of a name, one after the other. */
function longestRun(words: readonly Word[], at: number, written: readonly string[]) {
  let best = { length: 0, isExact: false, isWhole: false };
  for (let start = 0; start < written.length; start++) {
    let length = 0;
    let isExact = true;
    while (start + length < written.length && at + length < words.length) {
      const { is, text } = words[at + length];
      const name = written[start + length];
      if (is === 'quoted') break;
      if (text !== name) {
        // Only the last word of a run may be its beginning.
        if (!isExact || text.length < leastLetters || !name.startsWith(text)) break;
        isExact = false;
      }
      length++;
      if (!isExact) break;
    }
    const isWhole = isExact && start === 0 && length === written.length;
    const isBetter =
      length > best.length || (length === best.length && (isWhole || (isExact && !best.isExact)));
    if (length > 0 && isBetter) best = { length, isExact, isWhole };
  }
  return best;
}
