import { z } from 'zod';
import { entrySchema } from '../log/entry';
import { withCarriedBack, type CarriedField } from '../record/carriedFields';
import { potIdsOf, type Recipe } from '../recipe/recipe';
import {
  eachRecord,
  potsDrawnBy,
  resourceNames,
  resources,
  type AnyRecord,
  type ResourceName,
} from '../record/resources';
import { potOn, type Shelf } from '../recipe/mixedPaint';
import { versionSchema } from '../recipe/version';

export const fileFormat = 'yellow-ledger';
/** Grows by one when an older reader could no longer read the file. */
export const fileVersion = 3;
/** Grows by one with every field an older reader of this version may pass over and keep. */
export const fileMinor = 4;
/** Files of these formats are read; what came later is optional in the earlier ones. */
export const readVersions = [1, 2, 3] as const;
/** Larger files are refused unread. */
export const largestFileBytes = 40_000_000;

const listOf = <Item extends z.ZodType>(item: Item, what: string, most: number) =>
  z
    .array(item, { error: `a list of ${what}` })
    .max(most, `at most ${most.toLocaleString('en')} ${what}`);

type RecordLists = {
  [Name in ResourceName]: z.ZodOptional<z.ZodArray<(typeof resources)[Name]['schema']>>;
};

const recordLists = Object.fromEntries(
  resourceNames.map((name) => {
    const { schema, mostInFile, since } = resources[name];
    const list = listOf<z.ZodType>(schema, name, mostInFile).optional();
    return [name, since > 0 ? list.describe(`since minor version ${since}`) : list];
  }),
) as RecordLists;

/** A shelf, recipes with every pot they draw from, or everything a ledger keeps. */
export const ledgerFileSchema = z
  .strictObject({
    format: z.literal(fileFormat, { error: `"${fileFormat}"` }),
    version: z.literal(readVersions, { error: '1, 2 or 3' }),
    minor: z
      .int({ error: 'a whole number' })
      .min(0, '0 or more')
      .optional()
      .describe('0 where not said; a reader keeps what a newer minor version holds'),
    ...recordLists,
    pots: recordLists.pots.unwrap(),
    recipes: recordLists.recipes.unwrap(),
    versions: listOf(versionSchema, 'versions', 5000)
      .optional()
      .describe('frozen versions of recipes'),
    log: listOf(entrySchema, 'entries of the log', 100_000)
      .optional()
      .describe('since minor version 2; what it names may be missing'),
  })
  .superRefine((file, context) => {
    const known = new Set(file.pots.map(({ id }) => id));
    const refuse = (path: (string | number)[], message: string) =>
      context.addIssue({ code: 'custom', path, message });
    if (known.size < file.pots.length) refuse(['pots'], 'pots that are each listed once');
    const look = (list: string, index: number, potIds: readonly string[]) => {
      const missing = potIds.find((potId) => !known.has(potId));
      if (missing !== undefined)
        refuse(
          [list, index],
          `one of the ${list} whose pots are all in the file; ${missing} is not`,
        );
    };
    eachRecord(file, (name, record, index) => look(name, index, potsDrawnBy(name, record)));
    file.versions?.forEach(({ content }, index) => look('versions', index, potIdsOf(content)));
  });

export type LedgerFile = z.infer<typeof ledgerFileSchema>;

/** The JSON Schema of a ledger file, as published under docs/format. */
export function ledgerFileJsonSchema(): object {
  return z.toJSONSchema(ledgerFileSchema, { target: 'draft-2020-12', io: 'input' });
}

/**
 * Recipes with every pot they draw from.
 *
 * @throws UnknownPotError when a recipe draws from a pot that is not on the shelf
 */
export function writeLedgerFile(recipes: readonly Recipe[], shelf: Shelf): LedgerFile {
  const potIds = new Set(recipes.flatMap(potIdsOf));
  return ledgerFileOf({
    pots: [...potIds].map((potId) => potOn(shelf, potId)),
    recipes: [...recipes],
  });
}

/** What is to go into a file, with its head. */
export function ledgerFileOf(
  content: Omit<LedgerFile, 'format' | 'version' | 'minor'>,
): LedgerFile {
  return { format: fileFormat, version: fileVersion, minor: fileMinor, ...content };
}

/**
 * A file as text. What came with its records from a newer minor version goes out in its place, and
 * the file then counts as of that version.
 *
 * @param sections whole parts of newer files that were kept unread, by name
 */
export function ledgerFileText(file: LedgerFile, sections: readonly KeptSection[] = []): string {
  const records = (name: ResourceName): AnyRecord[] | undefined => file[name];
  const carrying = [
    ...resourceNames.flatMap((name) => records(name) ?? []),
    ...(file.versions ?? []).flatMap((version) => [version, version.content]),
  ];
  const newer = [...carrying.flatMap(({ more }) => more ?? []), ...sections];
  const whole = {
    // First: a part that has become known since goes out as it is kept now.
    ...Object.fromEntries(sections.map(({ name, value }) => [name, value])),
    ...file,
    minor: Math.max(file.minor ?? 0, ...newer.map(({ since }) => since)),
    ...Object.fromEntries(
      resourceNames.flatMap((name) => {
        const list = records(name);
        return list ? [[name, list.map(back)] as const] : [];
      }),
    ),
    ...(file.versions && {
      versions: file.versions.map((version) =>
        back({ ...version, content: back(version.content) }),
      ),
    }),
  };
  return JSON.stringify(whole, null, 2);
}

/** A part of a newer file this ledger knows nothing of. */
export interface KeptSection {
  name: string;
  value: unknown;
  /** minor version of the file it came in */
  since: number;
}

const back = <Content extends { more?: CarriedField[] | undefined }>(record: Content) =>
  withCarriedBack(record);
