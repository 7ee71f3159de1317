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

/** The record has moved on since the revision a write was made from. */
export class StaleWrite<Content> extends Error {
  constructor(readonly current: Kept<Content> | null) {
    super('the record was changed elsewhere');
    this.name = 'StaleWrite';
  }
}

/** What is stored is not what the schema says; the file was changed by something else. */
export class DamagedRecord extends Error {
  constructor(table: string, id: string, reason: string) {
    super(`${table} ${id} cannot be read: ${reason}`);
    this.name = 'DamagedRecord';
  }
}

export interface RecordStore<Content extends { id: string }> {
  list(): Promise<Kept<Content>[]>;
  get(id: string, within?: Knex.Transaction): Promise<Kept<Content> | null>;
  /**
   * Writes a record made from `revision` (0: never saved). Sending the same write twice is
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
    const stored: unknown = JSON.parse(content);
    const read = schema.safeParse(stored);
    if (!read.success)
      throw new DamagedRecord(table, id, fieldErrors(read.error, stored).map(sentenceOf).join(' '));
    checked.set(id, { revision, content: read.data });
    return { content: read.data, revision, savedAt: saved_at };
  }

  async function get(id: string, within: Knex | Knex.Transaction = db) {
    const row = await within<RecordRow>(table).where({ id }).first();
    return row ? fromRow(row) : null;
  }

  return {
    get: (id, within) => get(id, within),

    async list() {
      return (await db<RecordRow>(table).select('*')).map(fromRow);
    },

    async put(content, revision, within) {
      const write = async (transaction: Knex.Transaction): Promise<Kept<Content>> => {
        const current = await get(content.id, transaction);
        const at = current?.revision ?? 0;
        if (current && at === revision + 1 && isDeepStrictEqual(current.content, content))
          return current;
        if (at !== revision) throw new StaleWrite(current);
        const row: RecordRow = {
          id: content.id,
          revision: revision + 1,
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
        const current = await get(id, transaction);
        if (!current) return;
        if (current.revision !== revision) throw new StaleWrite(current);
        await unlinkPots(transaction, table, id);
        await transaction(table).where({ id }).delete();
        checked.delete(id);
      });
    },
  };
}
