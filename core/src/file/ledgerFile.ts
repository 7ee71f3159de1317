import { z } from 'zod';
import { entrySchema } from '../answers/work/log/entry';
import { filePictureSchema } from '../answers/picture/keptPicture';
import { potIdsOf, type Recipe } from '../written/recipe/recipe';
import { resourceNames, resources, type ResourceName } from '../catalogue/catalogue';
import { clubLists, type ClubListName } from './clubLists';
import { potOn, type Shelf } from '../predicted/paint/mixedPaint';
import { versionSchema, type Version } from '../written/recipe/version';

export const fileFormat = 'yellow-ledger';
/** Grows by one when an older reader could no longer read the file. */
export const fileVersion = 3;
/** Grows by one with every field an older reader of this version may pass over and keep. */
export const fileMinor = 8;
/** Files of these formats are read; what came later is optional in the earlier ones. */
export const readVersions = [1, 2, 3] as const;

/** The content of each list of a file. */
export const fileLists = {
  ...(Object.fromEntries(resourceNames.map((name) => [name, resources[name].schema])) as {
    [Name in ResourceName]: (typeof resources)[Name]['schema'];
  }),
  versions: versionSchema,
  log: entrySchema,
  pictures: filePictureSchema,
  ...clubLists,
};

export type FileListName = keyof typeof fileLists;
export const fileListNames = Object.keys(fileLists) as FileListName[];

/** Lists every file has, if only empty ones. */
export const listsNeeded = ['pots', 'recipes'] as const;

/** As sentences call what stands in a list. */
export const wordsOfList = (name: FileListName) =>
  name === 'log' ? 'entries of the log' : (name as string);

const listOf = <Name extends FileListName>(name: Name) =>
  z.array(fileLists[name], { error: `a list of ${wordsOfList(name)}` });

type RecordLists = {
  [Name in ResourceName]: z.ZodOptional<z.ZodArray<(typeof resources)[Name]['schema']>>;
};

const recordLists = Object.fromEntries(
  resourceNames.map((name) => {
    const { since } = resources[name];
    const list = (listOf(name) as z.ZodArray<z.ZodType>).optional();
    return [name, since > 0 ? list.describe(`since minor version ${since}`) : list];
  }),
) as RecordLists;

const ofClub = <Name extends ClubListName>(name: Name) =>
  listOf(name).optional().describe('since minor version 8; of a whole club');

/**
 * A shelf, recipes with every pot they draw from, or everything a ledger keeps. It has as many of
 * everything as a ledger has; what hangs together in it is checked as it is read.
 */
export const ledgerFileSchema = z.strictObject({
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
  versions: listOf('versions').optional().describe('versions of recipes, which never change'),
  log: listOf('log').optional().describe('since minor version 2; what it names may be missing'),
  pictures: listOf('pictures').optional().describe('since minor version 7; of the photographs'),
  members: ofClub('members'),
  proposals: ofClub('proposals'),
  claims: ofClub('claims'),
  loans: ofClub('loans'),
  brings: ofClub('brings'),
});

export type LedgerFile = z.infer<typeof ledgerFileSchema>;

/** The JSON Schema of a ledger file, as published under docs/format. */
export function ledgerFileJsonSchema(): object {
  return z.toJSONSchema(ledgerFileSchema, { target: 'draft-2020-12', io: 'input' });
}

/**
 * Recipes with every pot they draw from.
 *
 * @param versions frozen ones of them that others name
 * @throws UnknownPotError when a recipe draws from a pot that is not on the shelf
 */
export function writeLedgerFile(
  recipes: readonly Recipe[],
  shelf: Shelf,
  versions: readonly Version[] = [],
): LedgerFile {
  const contents = [...recipes, ...versions.map(({ content }) => content)];
  const potIds = new Set(contents.flatMap(potIdsOf));
  return ledgerFileOf({
    pots: [...potIds].map((potId) => potOn(shelf, potId)),
    recipes: [...recipes],
    ...(versions.length > 0 && { versions: [...versions] }),
  });
}

/** The content of a file, with its head. */
export function ledgerFileOf(
  content: Omit<LedgerFile, 'format' | 'version' | 'minor'>,
): LedgerFile {
  return { format: fileFormat, version: fileVersion, minor: fileMinor, ...content };
}

/** A part of a newer file this ledger knows nothing of. */
export interface KeptSection {
  name: string;
  value: unknown;
  /** minor version of the file it came in */
  since: number;
}
