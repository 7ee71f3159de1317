import { z } from 'zod';
import { withoutNotes } from '../answers/work/bench/olderArmies';
import type { FilePicture } from '../answers/picture/keptPicture';
import { potIdsOf } from '../written/recipe/recipe';
import type { Version } from '../written/recipe/version';
import { withUnknownCarried } from '../written/record/carriedFields';
import { fieldErrors, quote, sentenceOf, type FieldError } from '../written/record/fieldErrors';
import { potsDrawnBy, resources, type AnyRecord, type ResourceName } from '../catalogue/catalogue';
import { idInClubList, isClubList } from './clubLists';
import {
  fileFormat,
  fileListNames,
  fileLists,
  fileMinor,
  fileVersion,
  ledgerFileSchema,
  listsNeeded,
  wordsOfList,
  type FileListName,
  type KeptSection,
  type LedgerFile,
} from './ledgerFile';
import type { NotesOfArmies } from './olderFile';

/** A file that cannot be read, with the reason in a sentence. */
export class LedgerFileError extends Error {
  constructor(message: string) {
    super(message);
    this.name = 'LedgerFileError';
  }

  static notWhole(): LedgerFileError {
    return new LedgerFileError(
      'This file is no whole JSON: it may have been cut off on its way. Export it once more.',
    );
  }
}

/** The head of a file. */
export type FileHead = Pick<LedgerFile, 'format' | 'version' | 'minor'>;

/** So many things wrong are remembered; the rest is counted. */
const mostErrors = 20;
/** After so many the rest is not read: it takes long, and nobody mends a file by hand then. */
const mostCounted = 1000;
/** So many are told in the sentence. */
const errorsTold = 3;

const headSchema = z.looseObject({
  format: z.literal(fileFormat),
  version: z.number(),
  minor: z.number().optional(),
});

/**
 * Reads a file value by value, in whatever order it comes: each is checked as it passes, and
 * nothing is kept of it here but identifiers. What is wrong is told at the end, all at once.
 */
export class LedgerFileReading {
  readonly head: FileHead;
  private readonly errors: FieldError[] = [];
  private errorCount = 0;
  private readonly parts = new Set<string>();
  private readonly sections: KeptSection[] = [];
  private readonly notes = new Map<string, ReturnType<typeof withoutNotes>['notes']>();
  private readonly ids = new Map<FileListName, Set<string>>(
    fileListNames.map((name) => [name, new Set()]),
  );
  /** pots something draws from, with the first place that does */
  private readonly drawn = new Map<string, { list: FileListName; index: number }>();

  /**
   * @param content an object with what the file says of itself; what else is in it is passed over
   * @throws LedgerFileError for another format, or a newer one
   */
  constructor(content: unknown) {
    const read = headSchema.safeParse(content);
    if (!read.success)
      throw new LedgerFileError(
        `This file is no ${fileFormat} file: it should begin with "format": "${fileFormat}" and a version.`,
      );
    const { format, version, minor } = read.data;
    if (version > fileVersion)
      throw new LedgerFileError(
        `This file has format ${version}, and this Yellow Ledger reads up to ${fileVersion}. Update it, or export the file in the older format.`,
      );
    this.head = { format, version, ...(minor !== undefined && { minor }) } as FileHead;
  }

  private get isNewer(): boolean {
    return this.head.version === fileVersion && (this.head.minor ?? 0) > fileMinor;
  }

  /** A whole part of the file. A list counts as there; what is in it is given to `record`. */
  part(name: string, value: unknown): void {
    this.parts.add(name);
    const schema = (ledgerFileSchema.shape as Record<string, z.ZodType | undefined>)[name];
    if (!Object.hasOwn(ledgerFileSchema.shape, name) || !schema) {
      if (this.isNewer) this.sections.push({ name, value, since: this.head.minor ?? 0 });
      else
        this.wrong({ field: '', value: quote(value), expected: `no field called ${quote(name)}` });
      return;
    }
    const isList = name in fileLists;
    const checked = schema.safeParse(isList && Array.isArray(value) ? [] : value);
    if (checked.success) return;
    for (const error of fieldErrors(checked.error, value))
      this.wrong({ ...error, field: [name, error.field].filter(Boolean).join('.') });
  }

  /**
   * One thing of a list.
   *
   * @returns it as a ledger keeps it; null where it is wrong
   * @throws LedgerFileError where so much was wrong that the rest is not read
   */
  record(list: FileListName, index: number, value: unknown): object | null {
    const schema: z.ZodType = fileLists[list];
    const carrying = this.isNewer && (list in resources || list === 'versions');
    const brought = list === 'armies' ? this.withoutNotes(value) : value;
    const known = carrying ? withUnknownCarried(brought, schema, this.head.minor ?? 0) : brought;
    const checked = schema.safeParse(known);
    if (!checked.success) {
      for (const error of fieldErrors(checked.error, known))
        this.wrong({
          ...error,
          field: [list, index, error.field].filter((at) => at !== '').join('.'),
        });
      if (this.errorCount >= mostCounted) throw this.refusal();
      return null;
    }
    const record = checked.data as object;
    this.remember(list, index, record);
    return record;
  }

  /**
   * @returns what only the whole file says
   * @throws LedgerFileError that says what was wrong with it
   */
  end(): { head: FileHead; sections: KeptSection[]; notes: NotesOfArmies } {
    for (const name of listsNeeded)
      if (!this.parts.has(name))
        this.wrong({ field: name, value: 'missing', expected: `a list of ${name}` });
    for (const [potId, { list, index }] of this.drawn)
      if (!this.ids.get('pots')?.has(potId))
        this.wrong({
          field: `${list}.${index}`,
          value: 'in the file',
          expected: `one of the ${list} whose pots are all in the file; ${potId} is not`,
        });
    const { errorCount, head, sections, notes } = this;
    if (errorCount > 0) throw this.refusal();
    return { head, sections, notes };
  }

  private refusal(): LedgerFileError {
    const told = this.errors.slice(0, errorsTold);
    const left = this.errorCount - told.length;
    const rest = this.errorCount >= mostCounted ? '; the rest was not read' : '';
    const more = left > 0 ? ` (and ${left} more${rest})` : '';
    return new LedgerFileError(told.map(sentenceOf).join(' ') + more);
  }

  private remember(list: FileListName, index: number, record: object): void {
    const id = idIn(list, record);
    const ids = this.ids.get(list);
    if (ids?.has(id))
      this.wrong({
        field: `${list}.${index}`,
        value: quote(id),
        expected: `one of ${wordsOfList(list)} that are each listed once`,
      });
    ids?.add(id);
    for (const potId of potsIn(list, record))
      if (!this.drawn.has(potId)) this.drawn.set(potId, { list, index });
  }

  /** The notes of an army of an older file go into the log, once the whole file is read. */
  private withoutNotes(record: unknown): unknown {
    const { army, notes } = withoutNotes(record);
    const { id } = (army ?? {}) as { id?: unknown };
    if (typeof id === 'string' && notes.done.length + notes.ticked.length > 0)
      this.notes.set(id, notes);
    return army;
  }

  private wrong(error: FieldError): void {
    this.errorCount++;
    if (this.errors.length < mostErrors) this.errors.push(error);
  }
}

function idIn(list: FileListName, record: object): string {
  if (list === 'pictures') return (record as FilePicture).hash;
  if (isClubList(list)) return idInClubList(list, record);
  if (list !== 'versions') return (record as { id: string }).id;
  const { recipeId, number } = record as Version;
  return `${recipeId} ${number}`;
}

function potsIn(list: FileListName, record: object): readonly string[] {
  if (list === 'versions') return potIdsOf((record as Version).content);
  return list in resources ? potsDrawnBy(list as ResourceName, record as AnyRecord) : [];
}
