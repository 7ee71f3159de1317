import {
  colourPhrases,
  longestPhrase,
  type ColourPhrase,
  type LabColour,
  type PhraseRole,
} from './colourPhrases';
import { finishPhrases, kindPhrases, purposeWords } from './kindWords';
import { modifierOf } from './modifiers';
import type { Pot, PotKind } from '../pot';
import { foreignBeginnings } from './words/hues';

/** All that the name of a pot tells. */
export interface PotName {
  kind: PotKind;
  finish: Pot['finish'];
  /** null where the name tells no colour */
  colour: (LabColour & { word: string; isPigment: boolean; hiding?: number }) | null;
}

interface Found {
  phrase: ColourPhrase;
  at: number;
  length: number;
}

/** Weight of the colour before, where two stand beside each other. */
const firstWeighs = 0.4;
/** Of a metal or a leaning before a hue. */
const leaningWeighs = 0.28;
/** Two hues closer than this are one colour and its thing, degrees. */
const sameFamily = 62;
const nearlyGrey = 16;

/**
 * Reads the name on a pot: its kind, its finish and its colour, by whole words in any order.
 *
 * @example readPotName('dk. olive wash').kind // → 'wash'
 */
export function readPotName(name: string): PotName {
  const { words, aside, hasOwner } = wordsOf(name);
  const all = [...words, ...aside];
  const { found, taken } = coloursIn(words, hasOwner);
  const asideFound = coloursIn(aside, hasOwner);
  const isFromAside = found.length === 0 && asideFound.found.length > 0;
  const group = lastGroup(isFromAside ? asideFound.found : found);
  const kind = kindOf(all, group, isFromAside ? aside : words);
  const isMetal = group.at(-1)?.phrase.role === 'metal';
  const finish = finishOf(all) ?? (isMetal ? 'metallic' : 'matt');
  const colour = blended(group.map(({ phrase }) => phrase));
  if (!colour) return { kind, finish, colour: null };
  const modifiers = [
    ...(isFromAside ? [] : words.filter((_, at) => !taken.has(at))),
    ...(isFromAside || asideFound.found.length === 0
      ? aside.filter((_, at) => !asideFound.taken.has(at))
      : []),
  ].filter((word) => modifierOf(word));
  const changed = [...new Set(modifiers)].reduce<LabColour>(
    (now, word) => modifierOf(word)?.(now) ?? now,
    colour,
  );
  return {
    kind,
    finish,
    colour: {
      ...asFinished(changed, finish),
      word: [...modifiers, colour.word].join(' '),
      isPigment: colour.isPigment && modifiers.length === 0,
      ...(colour.hiding !== undefined && { hiding: colour.hiding }),
    },
  };
}

/** Small letters, without sizes; what stands in brackets or behind “for” apart. */
function wordsOf(name: string) {
  const text = name.normalize('NFC').toLowerCase().replaceAll('’', "'");
  const inBrackets = [...text.matchAll(/[([{]([^)\]}]*)[)\]}]?/gu)].map(([, inside]) => inside);
  const outside = text.replace(/[([{][^)\]}]*[)\]}]?/gu, ' ');
  const before = plainWords(outside);
  const purpose = before.findIndex((word, at) => at > 0 && purposeWords.has(word));
  const words = purpose < 0 ? before : before.slice(0, purpose);
  const aside = [
    ...(purpose < 0 ? [] : before.slice(purpose + 1)),
    ...plainWords(inBrackets.join(' ')),
  ];
  return words.length > 0
    ? { words, aside, hasOwner: /\p{L}'s\b|s'(?=\s)/u.test(text) }
    : { words: aside, aside: [], hasOwner: false };
}

function plainWords(text: string): string[] {
  const words = text.match(/\p{L}+(?:'\p{L}+)?/gu) ?? [];
  return words.flatMap((word) => {
    const beginning = Object.keys(foreignBeginnings).find(
      (each) => word.startsWith(each) && colourPhrases.has(word.slice(each.length)),
    );
    return beginning ? [foreignBeginnings[beginning], word.slice(beginning.length)] : [word];
  });
}

/** The phrases for colours, the longest at each place; whose they are tells no colour by itself. */
function coloursIn(words: readonly string[], hasOwner: boolean) {
  const found: Found[] = [];
  for (let at = 0; at < words.length;) {
    const next = longestAt(words, at);
    if (next) found.push(next);
    at += next?.length ?? 1;
  }
  const isHue = (each: Found | undefined) => each?.phrase.role === 'hue';
  const told = found.filter((each) => {
    const isWeak = each.phrase.role === 'beside' || (hasOwner && each.phrase.role === 'thing');
    const after = found.find((other) => other.at === each.at + each.length);
    return !isWeak || isHue(after);
  });
  const leansOnly = told.every(({ phrase }) => phrase.role === 'leaning');
  const counted = leansOnly
    ? told.map((each) => ({ ...each, phrase: { ...each.phrase, role: 'hue' as const } }))
    : told;
  const taken = new Set(
    counted.flatMap(({ at, length }) => Array.from({ length }, (_, index) => at + index)),
  );
  return { found: counted, taken };
}

function longestAt(words: readonly string[], at: number): Found | null {
  for (let length = Math.min(longestPhrase, words.length - at); length > 0; length--) {
    const phrase = colourPhrases.get(words.slice(at, at + length).join(' '));
    if (phrase) return { phrase, at, length };
  }
  return null;
}

/** Those that stand beside each other at the end: a colour further before them is of something else. */
function lastGroup(found: readonly Found[]): Found[] {
  const group: Found[] = [];
  for (let index = found.length - 1; index >= 0; index--) {
    const next = group.at(0);
    if (next && found[index].at + found[index].length !== next.at) break;
    group.unshift(found[index]);
  }
  return group;
}

/** With a hue after them these keep their own colour. */
const ownRoles = new Set<PhraseRole>(['shade', 'thing', 'beside', 'pigment']);

type Blended = LabColour & { word: string; isPigment: boolean; hiding?: number };

/** One colour of those that stand beside each other; null of none. */
function blended(phrases: readonly ColourPhrase[]): Blended | null {
  const [first, ...rest] = phrases;
  if (!first) return null;
  return rest.reduce<Blended>(
    (before, phrase, index) => withNext(before, phrases[index], phrase),
    plain(first),
  );
}

const plain = ({ value, a, b, word, role, hiding }: ColourPhrase): Blended => ({
  value,
  a,
  b,
  word,
  isPigment: role === 'pigment',
  ...(hiding !== undefined && { hiding }),
});

function withNext(before: Blended, last: ColourPhrase, next: ColourPhrase): Blended {
  if (next.role === 'hue' && ownRoles.has(last.role) && isSameFamily(before, next)) return before;
  const share = last.role === 'metal' || last.role === 'leaning' ? leaningWeighs : firstWeighs;
  const between = (one: number, other: number) => one * share + other * (1 - share);
  return {
    value: between(before.value, next.value),
    a: between(before.a, next.a),
    b: between(before.b, next.b),
    word: `${before.word} ${next.word}`,
    isPigment: false,
  };
}

function isSameFamily(one: LabColour, other: LabColour): boolean {
  const greyest = Math.min(Math.hypot(one.a, one.b), Math.hypot(other.a, other.b));
  if (greyest < nearlyGrey) return Math.abs(one.value - other.value) < 40;
  const apart = Math.abs(Math.atan2(one.b, one.a) - Math.atan2(other.b, other.a));
  return (Math.min(apart, 2 * Math.PI - apart) * 180) / Math.PI < sameFamily;
}

/** Fluorescent paint is far stronger and lighter than another of its hue. */
function asFinished(colour: LabColour, finish: Pot['finish']): LabColour {
  const { value, a, b } = colour;
  if (finish !== 'fluorescent') return { value, a, b };
  return { value: value + (99 - value) * 0.32, a: a * 1.4, b: b * 1.4 };
}

function finishOf(words: readonly string[]): Pot['finish'] | undefined {
  return finishPhrases.find(({ phrases }) => phrases.some((each) => isSaid(words, each)))?.finish;
}

function kindOf(
  words: readonly string[],
  group: readonly Found[],
  colourWords: readonly string[],
): PotKind {
  const told = kindPhrases.find(({ phrases }) => phrases.some((each) => isSaid(words, each)));
  if (told) {
    // “Medium grey” is a grey between light and dark.
    const start = group.at(0)?.at ?? 0;
    const isMiddle = group.length > 0 && colourWords[start - 1] === 'medium';
    return told.kind === 'medium' && isMiddle ? 'paint' : told.kind;
  }
  // “Clear red” lets light through; “clear” by itself is a varnish.
  if (!isSaid(words, 'clear')) return 'paint';
  return group.length > 0 ? 'ink' : 'varnish';
}

function isSaid(words: readonly string[], phrase: string): boolean {
  const parts = phrase.split(' ');
  return words.some((_, at) => parts.every((part, index) => words[at + index] === part));
}
