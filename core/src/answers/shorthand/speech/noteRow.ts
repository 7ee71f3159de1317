import type { Beside } from '../said';
import { bestPath } from './bestPath';
import { fillers, type Chunk, type ChunkKind } from './chunk';
import { readCommand } from '../commands/readCommand';

/** The kind of a note's row: a line, the name of a surface, or nothing of this recipe. */
export type NoteRowKind = 'line' | 'heading' | 'aside';

/** Kinds that say how, how much or where: what has one of them is no mere name. */
const working = new Set<ChunkKind>([
  'technique',
  'stage',
  'number',
  'ratio',
  'percent',
  'amount',
  'evenly',
  'thin',
  'neat',
  'thinner',
  'place',
  'fold',
  'coats',
  'often',
  'add',
  'same',
  'plus',
  'smaller',
  'deeper',
  'mixAbove',
  'more',
  'repeat',
  'water',
  'medium',
  'line',
  'tool',
  'pull',
  'fraction',
  'not',
]);

/** Kinds that say the part of a line in its scheme. */
const parts = new Set<ChunkKind>(['technique', 'stage', 'number', 'coats']);

const date =
  /^\W*(?:\d{1,4}[./-]\d{1,2}[./-]\d{1,4}|(?:mon|tues|wednes|thurs|fri|satur|sun)day\b|\d{1,2}(?:st|nd|rd|th)? (?:jan|feb|mar|apr|may|jun|jul|aug|sep|oct|nov|dec))/iu;
const shopping =
  /^\W*(?:buy|get|need to (?:buy|get)|to ?do|shopping|order|out of|run out|remember to|must|next time|ask|check|try|idea|maybe try)\b/iu;
const otherWay =
  /^\W*(?:for the (?:dead|others?|second|undead)|or(?: else)?\b|alternatively|alternative|instead\b|variant|option)/iu;

/**
 * The kind of a note's row. One without paint, verb, figure or place is a heading, also where a colour
 * is in it.
 *
 * @param isSigned it stands before a colon or under a sign of headings
 * @example noteRowKind('Grey wolf', beside) // → 'heading'
 */
export function noteRowKind(row: string, beside: Beside, isSigned = false): NoteRowKind {
  const isBracketed = /^\s*[([].*[)\]]\s*$/u.test(row);
  if (date.test(row) || shopping.test(row) || otherWay.test(row) || isBracketed) return 'aside';
  if (readCommand(row, beside)) return 'aside';
  const path = bestPath(row, beside);
  const pots = path.flatMap((chunk) => (chunk.kind === 'pot' ? [chunk] : []));
  const others = path.filter((chunk) => !isFiller(chunk) && chunk.kind !== 'pot');
  // “Coat:” is what somebody wears.
  const isGarment = others.length === 1 && others[0].text === 'coat' && isSigned;
  const isWorking = !isGarment && path.some(({ kind }) => working.has(kind));
  // “Highlight” alone says the part of what stands below it, and is no surface.
  const isPartOnly = !isGarment && others.length > 0 && others.every(({ kind }) => parts.has(kind));
  if (isPartOnly && !hasPaint(path)) return 'aside';
  if (isSigned) return isWorking ? 'aside' : 'heading';
  if (isWorking) return hasPaint(path) || !isTitle(row, path) ? 'line' : 'heading';
  const isPlaced = path.some(({ kind }) => kind === 'side' || kind === 'all' || kind === 'spot');
  if (pots.length > 0 && isPlaced) return 'line';
  if (pots.length === 0)
    return path.some(({ kind }) => kind === 'side' || kind === 'all') ? 'line' : 'heading';
  // A whole name is what is painted with; “grey” beside “wolf” is what it looks like.
  if (pots.some(({ isWhole, length }) => isWhole || length > 1))
    return isTitle(row, path) && others.some(({ kind }) => kind === 'below') ? 'heading' : 'line';
  return others.length > 0 ? 'heading' : 'line';
}

const isFiller = ({ kind }: Chunk) => fillers.has(kind);

const hasPaint = (path: readonly Chunk[]) =>
  path.some(
    ({ kind }) =>
      kind === 'pot' ||
      kind === 'mixAbove' ||
      kind === 'same' ||
      kind === 'ratio' ||
      kind === 'coats' ||
      kind === 'often',
  );

/** A few words that begin with a capital and hold no figure: the name of something. */
const isTitle = (row: string, path: readonly Chunk[]) =>
  /^\W*\p{Lu}/u.test(row) && path.length <= 9 && !/\d/u.test(row);
