import type { ToneStopName } from '../../../written/place/toneAxis';
import type { TechniqueName } from '../../../written/technique/techniques';
import type { Item } from './items';
import type { Mark, Said, SaidPart, Span } from '../said';

/** Parts to each other: of the pots, or of paint and thinner. */
export interface SaidRatio {
  parts: number[];
  /** as many of each, however many they are */
  isEven?: true;
  thinner?: ('water' | 'medium')[];
}

/** A part of the mix. */
export interface PartFact {
  part: SaidPart;
  /** it is put to the mix above */
  isWithAbove?: true;
  /** all of that line, not its mix alone */
  isWhole?: true;
  /** its figure is of a hundred */
  isPercent?: true;
  /** its figure is so much of a part, not a number of them */
  isAmount?: true;
}

/** One thing a clause says. */
export type Fact =
  | PartFact
  | { ratio: SaidRatio }
  | { shareInMix: { thinner: 'water' | 'medium'; percent: number } }
  | { inMix: { thinner: 'water' | 'medium'; parts: number; isInParts?: boolean } }
  | { technique: TechniqueName; word: string }
  | { bareStop: ToneStopName }
  | { set: Partial<Said> }
  | { mark: Omit<Mark, 'from' | 'to'>; at?: Span };

/** Words that follow each other so, and what they say. */
export interface Clause {
  /** over the letters of the kinds of its words */
  pattern: RegExp;
  read: (items: Item[]) => Fact[];
}

/** @param pattern letters of `kinds`, as a regular expression */
export const clause = (pattern: string, read: Clause['read']): Clause => ({
  pattern: new RegExp(pattern, 'uy'),
  read,
});

const valuesOf = (items: readonly Item[], ...kinds: Item['kind'][]): unknown[] =>
  items.filter(({ kind }) => kinds.includes(kind)).map(({ value }) => value);

/** The figures among the words, in their order. */
export const figuresIn = (items: readonly Item[]): number[] =>
  valuesOf(items, 'number', 'amount', 'often') as number[];

/** Meaning of the first word of a kind. */
export const meantBy = <T>(items: readonly Item[], kind: Item['kind']): T =>
  valuesOf(items, kind)[0] as T;

export const set = (said: Partial<Said>): Fact[] => [{ set: said }];

export const marked = (message: string): Fact[] => [{ mark: { message } }];
