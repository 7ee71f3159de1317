import type {
  AnyRecord,
  Freeze,
  Kept,
  KeptPicture,
  LogEntry,
  Moment,
  Photograph,
  Pot,
  Recipe,
  ResourceName,
  Version,
} from '@yellow-ledger/core';
import type { Knex } from 'knex';
import type { Damaged } from '../db/storeErrors';
import type { LogTexts } from '../log/logTexts';
import type { Replacement } from '../replacements/replaceInRecipes';

/** A list of records, with those that cannot be read. */
export interface Listed<Item> {
  items: Item[];
  damaged: Damaged[];
}

/** Records of a kind, as they are open to whoever asks. */
export interface OpenRecords<Content extends { id: string } = AnyRecord> {
  listWithDamaged(): Promise<Listed<Kept<Content>>>;
  get(id: string): Promise<Kept<Content> | null>;
  /** @throws StaleWrite, UnknownPots; Problem 403, 404 */
  put(content: Content, revision: number): Promise<Kept<Content>>;
  /** @throws StaleWrite; Problem 403, 404 */
  remove(id: string, revision: number): Promise<void>;
  /** The moments whose states are kept, the newest first. @throws Problem 404 */
  moments(id: string): Promise<Moment[]>;
  /** A record as it was, of which they see what they may see today. @throws Problem 404 */
  former(id: string, revision: number): Promise<Kept<Content> | null>;
}

/**
 * A ledger as it is open to whoever asks: what they may not see is not in it, and what they may not do
 * is refused. The routes read and write through it and through nothing else.
 */
export interface OpenLedger {
  records<Content extends AnyRecord>(kind: ResourceName): OpenRecords<Content>;
  /** Writes many pots, all or none. @throws as `put` */
  putPots(writes: readonly { content: Pot; revision: number }[]): Promise<Kept<Pot>[]>;
  /** @throws StaleWrite, UnknownPots; Problem 403, 404 */
  replaceInRecipes(replacement: Replacement): Promise<Kept<Recipe>[]>;
  versions: {
    all(): Promise<Listed<Version>>;
    /** of one recipe, oldest first @throws Problem 404 */
    of(recipeId: string): Promise<Version[]>;
    /** @throws what the store throws; Problem 403, 404 */
    freeze(recipeId: string, number: number, freeze: Freeze): Promise<Version>;
    /** @returns whether there was one that nobody can read @throws Problem 403, 404 */
    removeDamaged(recipeId: string, number: number): Promise<boolean>;
  };
  log: {
    textsAfter(sequence: number): AsyncIterable<LogTexts>;
    /** @returns the pots they draw from @throws EntryTaken, NotTheirs; Problem 403 */
    append(entries: readonly LogEntry[]): Promise<Kept<Pot>[]>;
    removeDamaged(id: string): Promise<boolean>;
  };
  pictures: {
    put(bytes: Uint8Array): Promise<KeptPicture>;
    read(hash: string): Promise<Buffer | null>;
  };
  /** photographs of a recipe */
  photographsOf(recipeId: string): Promise<Photograph[]>;
  /** A file of everything, piece by piece; or, in a club, of everything of one's own. */
  wholeFile(isOwn: boolean, within: Knex.Transaction): Promise<AsyncIterable<string>>;
  /** whose what is brought in a file becomes; nobody's in a ledger alone */
  readonly ownerId: string | undefined;
}
