import type { z } from 'zod';
import type { CarriedField } from '../written/record/carriedFields';
import type { Rights } from './grants';

/** Everything that is kept, by kind. */
export const kindNames = [
  'pots',
  'recipes',
  'palettes',
  'armies',
  'benches',
  'timetables',
  'photographs',
  'versions',
  'log',
  'proposals',
  'remarks',
  'claims',
  'loans',
  'brings',
  'members',
] as const;
export type KindName = (typeof kindNames)[number];

/**
 * How records of a kind change: edited, each write naming the revision it was made from; only added
 * to; frozen once; open until decided once; or only set and taken back.
 */
export type Change = 'edited' | 'added' | 'frozen' | 'decided' | 'set';

/** Which fields of a record name other records: by the field, what it names. */
export type NamingFields = Readonly<Record<string, readonly KindName[]>>;

/** The facts of any kind that is stored. */
export interface Kind<Content = unknown> {
  schema: z.ZodType<Content>;
  /** one of it, in sentences */
  label: string;
  changes: Change;
  rights: Rights;
  /** what its fields name; a field is written with its parent (`content.id`) where the name alone is not enough */
  names: NamingFields;
  /** by such a field, what beside it repeats something of what it names, as its name */
  repeats?: Readonly<Record<string, readonly string[]>>;
  /** minor version of the file it came with; 0 where it was always there; null: it is in no file */
  since: number | null;
  /** whether the browser keeps it for when the server is away */
  isKeptInBrowser: boolean;
}

/** A record another one belongs to. */
export interface RecordHolder {
  kind: 'recipes' | 'armies' | 'benches';
  id: string;
}

/** Every record that is edited has these. */
interface EditedContent {
  id: string;
  more?: CarriedField[] | undefined;
}

/** A kind whose records are edited: tables, addresses, files and undo are made from it. */
export interface Resource<Content extends EditedContent> extends Kind<Content> {
  schema: z.ZodType<Content, Content>;
  changes: 'edited';
  since: number;
  /** what one is called, where it has to be told apart from others */
  nameOf: (content: Content) => string;
  /** pots it cannot be without: they cannot be deleted while it draws from them */
  potsDrawn: (content: Content) => string[];
  /** what a new one may belong to: in a club it is whoever's that is, else its maker's */
  belongsTo: (content: Content) => RecordHolder[];
  /** a larger one is not taken, bytes */
  largestBytes: number;
  /** whether its earlier states are kept, to look at and to take back */
  hasHistory: boolean;
  /** a record of this identifier that is there already gets the file's beside it, as a copy */
  isCopied?: (content: Content, mark: string, newId: string) => Content;
}

/** Pots and palettes as large as their schema lets them be have 0.15 MB. */
const usualBytes = 400_000;
/** A record that holds the models of a whole army, each with recipes of its own. */
export const armyBytes = 16_000_000;

type Usual =
  'changes' | 'potsDrawn' | 'largestBytes' | 'belongsTo' | 'isKeptInBrowser' | 'hasHistory';

export const resource = <Content extends EditedContent>(
  facts: Omit<Resource<Content>, Usual> & Partial<Resource<Content>>,
): Resource<Content> => ({
  potsDrawn: () => [],
  belongsTo: () => [],
  largestBytes: usualBytes,
  isKeptInBrowser: true,
  hasHistory: false,
  ...facts,
  changes: 'edited',
});

export const toArmy = (id: string | undefined): RecordHolder[] =>
  id ? [{ kind: 'armies', id }] : [];
