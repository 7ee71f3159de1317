import { isDeepStrictEqual } from 'node:util';
import { fieldErrors, sentenceOf, type Kept } from '@yellow-ledger/core';
import type { Knex } from 'knex';
import type { z } from 'zod';
import { linkPots, unlinkPots } from './potLinks';

/** A row as every table of records has it. */
interface RecordRow {
  id: string;
  revision: number;
  saved_at: string;
  content: string;
}

/** What a deleted record leaves. */
interface GoneRow {
  kind: string;
  id: string;
  revision: number;
}

/** The record has moved on since the revision a write was made from. */
export class StaleWrite<Content> extends Error {
  constructor(readonly current: Kept<Content> | null) {
    super('the record was changed elsewhere');
    this.name = 'StaleWrite';
  }
}

/** What is stored is not what the schema says; the file was changed by something else. */
export class DamagedRecord extends Error {
  constructor(
    table: string,
    readonly id: string,
    readonly reason: string,
  ) {
    super(`${table} ${id} cannot be read: ${reason}`);
    this.name = 'DamagedRecord';
  }
}

/** A record that cannot be read, named so that it can be mended or deleted. */
export interface Damaged {
  id: string;
  revision: number;
  reason: string;
}

export interface RecordStore<Content extends { id: string }> {
  /** every record that can be read */
  list(): Promise<Kept<Content>[]>;
  /** the same, and what cannot be read: it never hides the others */
  listWithDamaged(): Promise<{ items: Kept<Content>[]; damaged: Damaged[] }>;
  get(id: string, within?: Knex.Transaction): Promise<Kept<Content> | null>;
  /**
   * Writes a record made from `revision` (0: never saved, or deleted; its revisions go on from
   * where they ended, so that nobody’s old copy fits again). Sending the same write twice is
   * harmless: the second finds its own work done.
   *
   * @throws StaleWrite with what is kept now
   */
  put(content: Content, revision: number, within?: Knex.Transaction): Promise<Kept<Content>>;
  /** @throws StaleWrite when the record has moved on; nothing happens when it is gone already */
  remove(id: string, revision: number): Promise<void>;
}

export interface RecordTable<Content> {
  db: Knex;
  /** its table, and its kind where it is said what it draws from */
  table: string;
  schema: z.ZodType<Content>;
  /** pots it cannot be without */
  potsDrawn: (content: Content) => readonly string[];
}

export function recordStore<Content extends { id: string }>({
  db,
  table,
  schema,
  potsDrawn,
}: RecordTable<Content>): RecordStore<Content> {
  // Rows that passed the schema once, by revision: a list of a thousand is not checked anew each time.
  const checked = new Map<string, { revision: number; content: Content }>();

  function fromRow({ id, revision, saved_at, content }: RecordRow): Kept<Content> {
    const known = checked.get(id);
    if (known?.revision === revision)
      return { content: known.content, revision, savedAt: saved_at };
    const stored = parsed(content);
    const read = schema.safeParse(stored);
    if (!read.success)
      throw new DamagedRecord(table, id, fieldErrors(read.error, stored).map(sentenceOf).join(' '));
    checked.set(id, { revision, content: read.data });
    return { content: read.data, revision, savedAt: saved_at };
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

  async function listWithDamaged() {
    const items: Kept<Content>[] = [];
    const damaged: Damaged[] = [];
    for (const row of await db<RecordRow>(table).select('*'))
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

  /** The last revision of a record of this name that was deleted; 0 where none was. */
  async function goneAt(id: string, within: Knex.Transaction): Promise<number> {
    const gone = await within<GoneRow>('gone_records').where({ kind: table, id }).first();
    return gone?.revision ?? 0;
  }

  return {
    get: (id, within) => get(id, within),

    listWithDamaged,

    async list() {
      return (await listWithDamaged()).items;
    },

    async put(content, revision, within) {
      const write = async (transaction: Knex.Transaction): Promise<Kept<Content>> => {
        // What cannot be read is mended by writing over it, from the revision it has.
        const there = await rowOf(content.id, transaction);
        const current = readable(there);
        const at = there?.revision ?? 0;
        const next = (revision > 0 ? revision : await goneAt(content.id, transaction)) + 1;
        if (current && at === next && isDeepStrictEqual(current.content, content)) return current;
        if (at !== revision) throw new StaleWrite(current);
        const row: RecordRow = {
          id: content.id,
          revision: next,
          saved_at: new Date().toISOString(),
          content: JSON.stringify(content),
        };
        checked.delete(content.id);
        await transaction<RecordRow>(table).insert(row).onConflict('id').merge();
        await linkPots(transaction, table, content.id, potsDrawn(content));
        return { content, revision: row.revision, savedAt: row.saved_at };
      };
      return within ? write(within) : db.transaction(write);
    },

    async remove(id, revision) {
      await db.transaction(async (transaction) => {
        const there = await rowOf(id, transaction);
        if (!there) return;
        if (there.revision !== revision) throw new StaleWrite(readable(there));
        await unlinkPots(transaction, table, id);
        await transaction(table).where({ id }).delete();
        await transaction<GoneRow>('gone_records')
          .insert({ kind: table, id, revision })
          .onConflict(['kind', 'id'])
          .merge();
        checked.delete(id);
      });
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

/** What is asked for; null where it is kept and cannot be read. */
export async function readableOnly<Kept>(asked: Promise<Kept | null>): Promise<Kept | null> {
  try {
    return await asked;
  } catch (error) {
    if (error instanceof DamagedRecord) return null;
    throw error;
  }
}
