import {
  fieldErrors,
  sentenceOf,
  withKnownTakenIn,
  type Kept,
  type Moment,
  isSameContent,
} from '@yellow-ledger/core';
import type { Knex } from 'knex';
import type { z } from 'zod';
import { inParts, insertMany, valuesAtOnce } from './inParts';
import { pagesOf } from './pagesOf';
import { DamagedRecord, StaleWrite, type Damaged } from './storeErrors';
import { formerStates } from './formerStates';
import { linkPots, linkPotsOfNew, unlinkPots } from './potLinks';

/** A row as every table of records has it. */
interface RecordRow {
  id: string;
  revision: number;
  saved_at: string;
  content: string;
}

/** The tombstone of a deleted record. */
interface GoneRow {
  kind: string;
  id: string;
  revision: number;
}

export interface RecordStore<Content extends { id: string }> {
  /** every record that can be read */
  list(): Promise<Kept<Content>[]>;
  /** the same, and what cannot be read: it never hides the others */
  listWithDamaged(
    within?: Knex.Transaction,
  ): Promise<{ items: Kept<Content>[]; damaged: Damaged[] }>;
  get(id: string, within?: Knex.Transaction): Promise<Kept<Content> | null>;
  /** Every record that can be read, in the order they came in, so many at once. */
  pages(size: number, within: Knex.Transaction): AsyncIterable<Content[]>;
  /** Of some identifiers, what is here; and, with its revision, what is here and cannot be read. */
  among(
    ids: readonly string[],
    within: Knex.Transaction,
  ): Promise<{ items: Map<string, Content>; damaged: Map<string, number> }>;
  /** Writes records that are not here, many at once. */
  putNew(contents: readonly Content[], within: Knex.Transaction): Promise<void>;
  /**
   * Writes a record made from `revision` (0: never saved, or deleted; its revisions go on from
   * where they ended, so that nobody’s old copy fits again). Sending the same write twice is
   * harmless: the second finds its own work done.
   *
   * @throws StaleWrite with what is kept now
   */
  put(content: Content, revision: number, within?: Knex.Transaction): Promise<Kept<Content>>;
  /** @throws StaleWrite when the record has moved on; nothing happens when it is gone already */
  remove(id: string, revision: number, within?: Knex.Transaction): Promise<void>;
  /** The moments whose states are kept, the newest first; none where its kind has no history. */
  moments(id: string): Promise<Moment[]>;
  /** A record as it was at a revision; null where that is not kept. @throws DamagedRecord */
  former(id: string, revision: number): Promise<Kept<Content> | null>;
}

/** A check before a record is written or deleted, inside the transaction. */
export interface RecordChecks<Content> {
  /** @throws Problem */
  beforeWriting?: (
    content: Content,
    before: Kept<Content> | null,
    within: Knex.Transaction,
  ) => Promise<void>;
  /** @throws Problem */
  beforeRemoving?: (id: string, within: Knex.Transaction) => Promise<void>;
}

export interface RecordTable<Content> {
  db: Knex;
  /** its table, and its kind where it is said what it draws from */
  table: string;
  schema: z.ZodType<Content>;
  /** pots it cannot be without */
  potsDrawn: (content: Content) => readonly string[];
  /** whether earlier states are kept */
  hasHistory?: boolean;
  checks?: RecordChecks<Content>;
}

export function recordStore<Content extends { id: string }>({
  db,
  table,
  schema,
  potsDrawn,
  hasHistory = false,
  checks = {},
}: RecordTable<Content>): RecordStore<Content> {
  const former = hasHistory ? formerStates(db, table) : null;
  // Rows that passed the schema once, by revision: a list of a thousand is not checked anew each time.
  const checked = new Map<string, { revision: number; content: Content }>();

  function readContent(id: string, text: string): Content {
    const stored = parsed(text);
    const read = schema.safeParse(stored);
    if (!read.success)
      throw new DamagedRecord(table, id, fieldErrors(read.error, stored).map(sentenceOf).join(' '));
    // Fields an older release kept unread of a newer file count once they are known.
    return withKnownTakenIn(read.data, schema);
  }

  function fromRow({ id, revision, saved_at, content }: RecordRow): Kept<Content> {
    const known = checked.get(id);
    const kept = known?.revision === revision ? known.content : readContent(id, content);
    checked.set(id, { revision, content: kept });
    return { content: kept, revision, savedAt: saved_at };
  }

  async function rowOf(id: string, within: Knex.Transaction): Promise<RecordRow | undefined> {
    return within<RecordRow>(table).where({ id }).first();
  }

  /** A record as it is kept; null where it is gone or nobody can read it. */
  function readable(row: RecordRow | undefined): Kept<Content> | null {
    try {
      return row ? fromRow(row) : null;
    } catch (error) {
      if (error instanceof DamagedRecord) return null;
      throw error;
    }
  }

  async function listWithDamaged(within: Knex | Knex.Transaction = db) {
    return parted(await within<RecordRow>(table).select('*'));
  }

  function parted(rows: readonly RecordRow[]) {
    const items: Kept<Content>[] = [];
    const damaged: Damaged[] = [];
    for (const row of rows)
      try {
        items.push(fromRow(row));
      } catch (error) {
        if (!(error instanceof DamagedRecord)) throw error;
        damaged.push({ id: row.id, revision: row.revision, reason: error.reason });
      }
    return { items, damaged };
  }

  async function get(id: string, within: Knex | Knex.Transaction = db) {
    const row = await within<RecordRow>(table).where({ id }).first();
    return row ? fromRow(row) : null;
  }

  /** The last revisions of records of these names that were deleted. */
  async function goneAt(ids: readonly string[], within: Knex.Transaction) {
    const gone = new Map<string, number>();
    for (const part of inParts(ids, valuesAtOnce))
      for (const { id, revision } of await within<GoneRow>('gone_records')
        .where({ kind: table })
        .whereIn('id', part))
        gone.set(id, revision);
    return gone;
  }

  const rowWith = (content: Content, revision: number): RecordRow => ({
    id: content.id,
    revision,
    saved_at: new Date().toISOString(),
    content: JSON.stringify(content),
  });

  return {
    get: (id, within) => get(id, within),

    listWithDamaged: (within) => listWithDamaged(within),

    async list() {
      return (await listWithDamaged()).items;
    },

    async *pages(size, within) {
      for await (const rows of pagesOf<RecordRow>(table, 'rowid', size, within))
        yield parted(rows).items.map(({ content }) => content);
    },

    async among(ids, within) {
      const rows: RecordRow[] = [];
      for (const part of inParts(ids, valuesAtOnce))
        rows.push(...(await within<RecordRow>(table).whereIn('id', part)));
      const { items, damaged } = parted(rows);
      return {
        items: new Map(items.map(({ content }) => [content.id, content])),
        damaged: new Map(damaged.map(({ id, revision }) => [id, revision])),
      };
    },

    async putNew(contents, within) {
      const gone = await goneAt(
        contents.map(({ id }) => id),
        within,
      );
      const rows = contents.map((content) => rowWith(content, (gone.get(content.id) ?? 0) + 1));
      await insertMany(within, table, rows);
      await linkPotsOfNew(
        within,
        table,
        new Map(contents.map((content) => [content.id, potsDrawn(content)])),
      );
    },

    async put(content, revision, within) {
      const write = async (transaction: Knex.Transaction): Promise<Kept<Content>> => {
        // An unreadable record is repaired by writing over it, from the revision it has.
        const there = await rowOf(content.id, transaction);
        const current = readable(there);
        const at = there?.revision ?? 0;
        const goneRevision = (await goneAt([content.id], transaction)).get(content.id) ?? 0;
        const next = (revision > 0 ? revision : goneRevision) + 1;
        if (current && at === next && isSameContent(current.content, content)) return current;
        if (at !== revision) throw new StaleWrite(current);
        await checks.beforeWriting?.(content, current, transaction);
        const row = rowWith(content, next);
        if (there) await former?.keep(there, row.saved_at, transaction);
        checked.delete(content.id);
        await transaction<RecordRow>(table).insert(row).onConflict('id').merge();
        await linkPots(transaction, table, content.id, potsDrawn(content));
        return { content, revision: row.revision, savedAt: row.saved_at };
      };
      return within ? write(within) : db.transaction(write);
    },

    async remove(id, revision, within) {
      const remove = async (transaction: Knex.Transaction) => {
        const there = await rowOf(id, transaction);
        if (!there) return;
        if (there.revision !== revision) throw new StaleWrite(readable(there));
        await checks.beforeRemoving?.(id, transaction);
        await former?.keep(there, new Date().toISOString(), transaction);
        await unlinkPots(transaction, table, id);
        await transaction(table).where({ id }).delete();
        await transaction<GoneRow>('gone_records')
          .insert({ kind: table, id, revision })
          .onConflict(['kind', 'id'])
          .merge();
        checked.delete(id);
      };
      return within ? remove(within) : db.transaction(remove);
    },

    moments: async (id) => (await former?.moments(id)) ?? [],

    async former(id, revision) {
      const row = await former?.read(id, revision);
      if (!row) return null;
      return { content: readContent(id, row.content), revision, savedAt: row.saved_at };
    },
  };
}

/** @returns what is no JSON as it stands, which no schema lets through */
export function parsed(content: string): unknown {
  try {
    return JSON.parse(content) as unknown;
  } catch {
    return content;
  }
}

/** The record asked for; null where it is kept and cannot be read. */
export async function readableOnly<Kept>(asked: Promise<Kept | null>): Promise<Kept | null> {
  try {
    return await asked;
  } catch (error) {
    if (error instanceof DamagedRecord) return null;
    throw error;
  }
}
