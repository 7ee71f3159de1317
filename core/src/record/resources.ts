import type { z } from 'zod';
import { armySchema } from '../army/army';
import { benchSchema } from '../bench/bench';
import { paletteSchema, potIdsInPalette } from '../palette/well';
import { potSchema } from '../paint/pot';
import { photographSchema } from '../picture/photograph';
import { timetableSchema } from '../plan/timetable';
import { potIdsOf, recipeSchema } from '../recipe/recipe';
import type { CarriedField } from './carriedFields';
import { lineLimit } from './fields';

/** Every record has these. */
interface AnyContent {
  id: string;
  more?: CarriedField[] | undefined;
}

/** A record another one belongs to. */
export interface RecordHolder {
  kind: 'recipes' | 'armies' | 'benches';
  id: string;
}

const toArmy = (id: string | undefined): RecordHolder[] => (id ? [{ kind: 'armies', id }] : []);

/** All there is to say of a kind of record: stores, addresses, files and undo are made from it. */
interface Resource<Content extends AnyContent> {
  schema: z.ZodType<Content, Content>;
  /** one of it, in sentences */
  label: string;
  /** what one is called, where it has to be told apart from others */
  nameOf: (content: Content) => string;
  /** pots it cannot be without: they cannot be deleted while it draws from them */
  potsDrawn: (content: Content) => string[];
  /** what a new one may belong to: in a club it is whoever’s that is, else its maker’s */
  belongsTo: (content: Content) => RecordHolder[];
  /** minor version of the file it came with; 0 where it was always there */
  since: number;
  /** a larger one is not taken, bytes */
  largestBytes: number;
  /** a record of this identifier that is there already gets the file’s beside it, as a copy */
  isCopied?: (content: Content, mark: string, newId: string) => Content;
}

/** Pots and palettes as large as their schema lets them be have 0.15 MB. */
const usualBytes = 400_000;
/** Recipes as long as their schema lets them be have 1.9 MB. */
const recipeBytes = 3_000_000;
/** What holds the models of a whole army, each with recipes of its own. */
const armyBytes = 16_000_000;

const resource = <Content extends AnyContent>(
  facts: Omit<Resource<Content>, 'potsDrawn' | 'largestBytes' | 'belongsTo'> &
    Partial<Resource<Content>>,
): Resource<Content> => ({
  potsDrawn: () => [],
  belongsTo: () => [],
  largestBytes: usualBytes,
  ...facts,
});

/** The kinds of record a ledger keeps; in an order in which they can be taken in one by one. */
export const resources = {
  pots: resource({
    schema: potSchema,
    label: 'pot',
    nameOf: ({ name }) => name,
    since: 0,
  }),
  recipes: resource({
    schema: recipeSchema,
    label: 'recipe',
    nameOf: ({ name }) => name,
    potsDrawn: potIdsOf,
    since: 0,
    largestBytes: recipeBytes,
    isCopied: (recipe, mark, id) => ({
      ...recipe,
      id,
      name: recipe.name.slice(0, lineLimit - mark.length) + mark,
    }),
  }),
  palettes: resource({
    schema: paletteSchema,
    label: 'palette',
    nameOf: ({ name }) => name,
    potsDrawn: potIdsInPalette,
    since: 0,
  }),
  armies: resource({
    schema: armySchema,
    label: 'army',
    nameOf: ({ name }) => name,
    since: 1,
    largestBytes: armyBytes,
  }),
  benches: resource({
    schema: benchSchema,
    label: 'bench',
    nameOf: ({ name }) => name,
    belongsTo: ({ armyId }) => toArmy(armyId),
    since: 2,
    largestBytes: armyBytes,
  }),
  timetables: resource({
    schema: timetableSchema,
    label: 'timetable',
    nameOf: ({ madeAt }) => `made ${madeAt}`,
    belongsTo: ({ armyId }) => toArmy(armyId),
    since: 3,
    // A plan of sixty models by four hands is some hundreds of runs with their models.
    largestBytes: armyBytes,
  }),
  photographs: resource({
    schema: photographSchema,
    label: 'photograph',
    nameOf: ({ caption, shows, addedAt }) => caption ?? `${shows}, put in ${addedAt}`,
    belongsTo: ({ of }) =>
      of.kind === 'recipe'
        ? [{ kind: 'recipes', id: of.recipeId }]
        : [...toArmy(of.holderId), { kind: 'benches', id: of.holderId }],
    since: 7,
  }),
};

export type ResourceName = keyof typeof resources;
export type ContentOf<Name extends ResourceName> = z.infer<(typeof resources)[Name]['schema']>;
/** A record of any kind. */
export type AnyRecord = ContentOf<ResourceName>;

export const resourceNames = Object.keys(resources) as ResourceName[];

/** Pots a record of a kind draws from. */
export function potsDrawnBy(name: ResourceName, record: AnyRecord): string[] {
  // The kind says which schema its records have passed.
  return (resources[name] as Resource<AnyRecord>).potsDrawn(record);
}

/** What a new record of a kind belongs to. */
export function belongsTo(name: ResourceName, record: AnyRecord): RecordHolder[] {
  return (resources[name] as Resource<AnyRecord>).belongsTo(record);
}
