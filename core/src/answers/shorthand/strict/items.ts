import { colourByWord } from '../../../written/pot/colourWords';
import type { Pot } from '../../../written/pot/pot';
import type { Beside, Mark, Span } from '../said';
import { kinds, type Kind } from './kinds';
import type { FoundPots } from '../potNames';
import { beginsOurs, keyOf, longestPhrase, vocabulary, type Phrase } from './vocabulary';
import { small, wordsOf, type Word } from '../words';

/** A word or phrase of a sentence, read alone. */
export interface Item extends Span {
  kind: Kind;
  value?: unknown;
  isRough?: boolean;
  /** as it was written, in small letters */
  text: string;
  /** a word such as “on” stands before it */
  isPlaced?: boolean;
  /** why it cannot be what it seems */
  mark?: Omit<Mark, 'from' | 'to'>;
}

/** Letters of items one after the other. */
export const codeOf = (items: readonly Item[]): string =>
  items.map(({ kind }) => kinds[kind]).join('');

const thinnerWords: readonly Kind[] = ['water', 'medium', 'paint'];

/** Kinds a pot follows, rather than a word of ours that is spelt as its name. */
const beforePots: readonly Kind[] = ['number', 'amount', 'parts', 'plus', 'of'];

/** The words and phrases of a sentence, one after the other; words that only join are left out. */
export function itemsOf(sentence: string, beside: Beside): Item[] {
  const words = wordsOf(sentence);
  const items: Item[] = [];
  let isPlaced = false;
  for (let at = 0; at < words.length;) {
    const { length, ...read } = itemAt(words, at, items, beside);
    if (read.kind === 'colon' && isHeaded(words, at)) read.kind = 'headed';
    const run = words.slice(at, at + length);
    if (read.kind !== 'join')
      items.push({
        ...read,
        from: run[0].from,
        to: run[run.length - 1].to,
        text: keyOf(run),
        ...(isPlaced && { isPlaced }),
      });
    isPlaced = read.kind === 'join';
    at += length;
  }
  const isInDrops = items.some(
    ({ text }, index) => /^drops?$/u.test(text) && items.at(index - 1)?.kind === 'number',
  );
  return withDashes(items).map((item, index) =>
    isInDrops && /\ba drop\b/u.test(item.text)
      ? { ...item, kind: 'number', value: 1, isRough: false }
      : inCompany(item, items.at(index - 1), items.at(index + 1)),
  );
}

/** A dash with blanks about it parts a sentence as a comma does, unless it stands in “2 – 3” or after a heading. */
function withDashes(items: readonly Item[]): Item[] {
  return items.map((item, index) => {
    const [before, prior] = [items.at(index - 1), items.at(index - 2)];
    const next = items.at(index + 1);
    if (item.kind !== 'dash' || index === 0 || !before || !next) return item;
    const isFree = before.to < item.from && item.to < next.from;
    const isRange = before.kind === next.kind && prior?.kind !== 'colon';
    const isHeading = [before, before.kind === 'number' ? prior : undefined].some(
      (each) => each && (each.kind === 'stage' || each.kind === 'technique'),
    );
    return isFree && !isRange && !isHeading ? { ...item, kind: 'comma' } : item;
  });
}

/**
 * “Dark” is of what is left so, and “light” of how it is brushed, where they say that; else of a
 * name. A third of water is so much, the third layer is one of several.
 */
function inCompany(item: Item, before: Item | undefined, next: Item | undefined): Item {
  const isOfName =
    (item.kind === 'asItIs' && before?.kind !== 'stop') ||
    (item.kind === 'vaguely' && next?.kind === 'unknown' && !next.mark);
  if (isOfName) return { ...item, kind: 'unknown' };
  const isShare =
    item.text === 'third' &&
    (next?.kind === 'water' || next?.kind === 'medium' || before?.kind === 'plus');
  return isShare ? { ...item, kind: 'amount', value: 1 / 3 } : item;
}

const isHeaded = (words: readonly Word[], at: number) =>
  words.at(at - 1)?.to === words[at].from && words.at(at + 1)?.from !== words[at].to;

/** A name of a spot may be longer than any phrase of ours. */
const longestLooked = Math.max(longestPhrase, 12);

const choiceOf = (pots: readonly Pot[]): NonNullable<Item['mark']> => ({
  message: 'may be a pot, or the beginning of a word of ours',
  choices: pots.map(({ id, name }) => ({ id, name })),
});

type Read = Omit<Item, 'from' | 'to' | 'text'> & { length: number };

function itemAt(words: readonly Word[], at: number, read: readonly Item[], beside: Beside): Read {
  const before = read.at(-1);
  const word = words[at];
  if (word.is === 'quoted') {
    if (before?.kind === 'note') return { kind: 'quoted', value: word.text, length: 1 };
    const spot = spotCalled(word.text, beside);
    if (spot) return { kind: 'spot', value: spot, length: 1 };
    return ofOneName(words, at, beside.names.called(word.text), 1);
  }
  const next = words.at(at + 1);
  if (word.text === 'spot' && next?.is === 'quoted')
    return { kind: 'spot', value: spotCalled(next.text, beside) ?? next.text, length: 2 };
  if (word.text === 'spot' && longestKnown(words, at + 1, beside)?.kind === 'spot')
    return { kind: 'join', length: 1 };
  const line = lineAt(words, at, before, beside);
  if (line) return line;
  const found = foundFor(words, at, read, beside);
  const phrase = longestKnown(words, at, beside);
  const known = phrase?.kind === 'potWord' && found ? null : phrase;
  if (found && found.length >= (known?.length ?? 0)) {
    const isTie = found.length === known?.length;
    // A pot called Medium is meant by its name in quotes alone.
    if (isTie && thinnerWords.includes(known.kind)) return known;
    if (!isTie || (found.isWhole && before && beforePots.includes(before.kind))) {
      if (!found.isExact && beginsOurs(words[at + found.length - 1].text))
        return { kind: 'unknown', length: found.length, mark: choiceOf(found.pots) };
      if (found.isWhole) return ofOneName(words, at, found.pots, found.length);
      return { ...potsOrMark(found.pots), length: found.length };
    }
    if (found.isWhole)
      return {
        kind: 'unknown',
        length: found.length,
        mark: {
          message: 'is a pot and a word of ours: put the pot’s name in quotes',
          choices: found.pots.map(({ id, name }) => ({ id, name })),
        },
      };
  }
  if (known) return known;
  const shares = sharesOf(word);
  if (shares) return { kind: 'evenly', value: shares, length: 1 };
  if (word.is === 'number') return { kind: 'number', value: word.value, length: 1 };
  return { kind: 'unknown', length: 1 };
}

/** “Black” in a mix is no primer that is called so. */
function foundFor(
  words: readonly Word[],
  at: number,
  read: readonly Item[],
  { names }: Beside,
): FoundPots | null {
  const found = names.foundAt(words, at);
  const isColourAlone =
    found !== null &&
    !found.isWhole &&
    found.pots.every(({ kind }) => kind === 'primer') &&
    words.slice(at, at + found.length).every(({ text }) => colourByWord(text) !== null);
  const isPriming = read.some(({ kind, value }) => kind === 'stage' && value === 'prime');
  return isColourAlone && !isPriming ? null : found;
}

/** @example sharesOf(…'70/30') // → [70, 30], and of '3/1' → [3, 1] */
function sharesOf({ is, text }: Word): [number, number] | null {
  if (is !== 'number' || !text.includes('/')) return null;
  const [one, other] = text.split('/').map(Number);
  if (one + other !== 100 && !(other > 0 && one >= other)) return null;
  return one === other ? [1, 1] : [one, other];
}

function lineAt(
  words: readonly Word[],
  at: number,
  before: Item | undefined,
  { above, uncounted = 0 }: Beside,
): Read | null {
  const number = words.at(at + 1);
  if (words[at].text !== 'line' || number?.is !== 'number') return null;
  const value = (number.value ?? 0) + uncounted;
  const step = above.at(value - 1);
  const length = 2;
  const isThere = Number.isInteger(value) && value > uncounted && step !== undefined;
  if (isThere && (step.mix.parts.length > 0 || before?.kind === 'repairs'))
    return { kind: 'line', value, length };
  const many = above.length - uncounted;
  const message = isThere
    ? 'holds no paint: there is no mix to carry forward'
    : many === 0
      ? 'there is no line above this one'
      : `a line above this one, 1 to ${many}`;
  return { kind: 'unknown', length, mark: { message } };
}

/** “Dry Sand no. 2”: the second of that name. */
function ofOneName(words: readonly Word[], at: number, pots: readonly Pot[], length: number): Read {
  const [no, dot, number] = words.slice(at + length, at + length + 3);
  const which =
    no?.text === 'no' && dot?.text === '.' && number?.is === 'number' ? number.value : undefined;
  if (which === undefined) return { ...potsOrMark(pots), length };
  const pot = [...pots].sort((one, other) => (one.id < other.id ? -1 : 1)).at(which - 1);
  return { ...potsOrMark(pot ? [pot] : pots), length: length + 3 };
}

function potsOrMark(pots: readonly Pot[]): Omit<Read, 'length'> {
  if (pots.length === 1) return { kind: 'pot', value: pots[0].id };
  if (pots.length === 0) return { kind: 'unknown', mark: { message: 'is no pot on the shelf' } };
  const isOneName = new Set(pots.map(({ name }) => name)).size === 1;
  return {
    kind: 'pot',
    mark: {
      message: isOneName
        ? `is the name of ${pots.length} pots: say “no. 1” to “no. ${pots.length}” after it`
        : `may be any of ${pots.length} pots`,
      choices: pots.map(({ id, name }, index) => ({
        id,
        name: isOneName ? `${name} no. ${index + 1}` : name,
      })),
    },
  };
}

function longestKnown(
  words: readonly Word[],
  at: number,
  beside: Beside,
): (Phrase & { length: number }) | null {
  for (let length = Math.min(longestLooked, words.length - at); length > 0; length--) {
    const run = words.slice(at, at + length);
    if (run.some(({ is }) => is === 'quoted')) continue;
    const key = keyOf(run);
    const spot = spotCalled(key, beside);
    if (spot) return { kind: 'spot', value: spot, length };
    const phrase = vocabulary.get(key);
    if (phrase) return { ...phrase, length };
  }
  return null;
}

/** By name; by identifier where several have it. */
function spotCalled(name: string, { recipe: { spots = [] } }: Beside): string | undefined {
  const called = spots.filter((spot) => small(spot.name) === small(name));
  if (called.length === 1) return called[0].id;
  return spots.find(({ id }) => id === name)?.id;
}
