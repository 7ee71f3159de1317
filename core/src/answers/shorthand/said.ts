import type { Placement } from '../../written/place/placement';
import type { Recipe } from '../../written/recipe/recipe';
import type { Step } from '../../written/recipe/step';
import type { PotNames } from './potNames';

/** Where something stands in a sentence. */
export interface Span {
  from: number;
  to: number;
}

/** A part of a sentence that was not understood, or cannot be. */
export interface Mark extends Span {
  message: string;
  /** pots it may have meant */
  choices?: { id: string; name: string }[];
  /** other words for the marked ones, each with what a press on it says */
  answers?: { label: string; by: string }[];
  /** it stands where a pot is to be, and none has such a name */
  isNoPot?: boolean;
  /** what a ratio is of is not clear */
  isOfRatio?: boolean;
  /** no word of ours at all: it can be kept as a note */
  isUnknown?: boolean;
}

/** A part of a mix as it was said. */
export type SaidPart = { parts?: number } & ({ potId: string } | { line: number });

/** Something taken from what a word usually means, and said so. */
export interface Rough extends Span {
  means: string;
}

/** The facts a sentence gives of a line; unsaid facts are left out. */
export interface Said {
  parts: SaidPart[];
  /** the number of the line it is the same as, but for what else is said */
  like?: number;
  /** paint to thinner in order, where it was not said which thinner */
  water?: number;
  medium?: number;
  /** so much more of it than the line above has */
  moreWater?: true;
  moreMedium?: true;
  consistency?: string;
  coats?: number;
  coatsUpTo?: number;
  untilEven?: true;
  technique?: Step['technique'];
  stage?: Step['stage'];
  tone?: { from: number; to: number };
  softness?: number;
  pull?: Placement['pull'];
  facing?: NonNullable<NonNullable<Placement['aim']>['facing']>;
  /** on whatever side, where its technique has one of its own */
  anySide?: true;
  along?: NonNullable<NonNullable<Placement['aim']>['along']>;
  height?: NonNullable<NonNullable<Placement['aim']>['height']>;
  spot?: string;
  last?: Partial<NonNullable<Placement['last']>>;
  level?: Step['level'];
  coatsAt?: NonNullable<Step['coatsAt']>;
  dryMinutes?: number;
  meaning?: NonNullable<Step['meaning']>;
  density?: number;
  tool?: NonNullable<Step['tool']>;
  isOut?: true;
  /** the number of the line it repairs */
  repairs?: number;
  note?: string;
}

/** The shelf and the lines above, which a sentence is read beside. */
export interface Beside {
  names: PotNames;
  /** the recipe it is of, with its spots and ground */
  recipe: Recipe;
  /** lines above the one that is said */
  above: readonly Step[];
  /** lines above that are not counted where a line is said by its number: those before a text */
  uncounted?: number;
  /** other recipes, which may be named: “as the boots” */
  others?: readonly Recipe[];
  /** mixes that were given a name, by that name: the number of their line */
  mixes?: ReadonlyMap<string, number>;
}

/** A sentence as it was read. */
export interface Reading {
  said: Said;
  marks: Mark[];
  rough: Rough[];
}
