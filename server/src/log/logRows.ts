import { entrySchema, notedCoatsOf, referencesOf, type LogEntry } from '@yellow-ledger/core';
import type { Knex } from 'knex';
import { inParts, valuesAtOnce } from '../db/inParts';
import { parsed } from '../db/recordStore';
import { onlySeen } from '../open/hiddenFrom';

/** A row of the log; what is searched for stands beside the entry itself. */
export interface LogRow {
  sequence: number;
  id: string;
  bench_id: string;
  /** for a strike: the entry that is struck out */
  struck_id: string | null;
  /** who sent it, in a club */
  member_id?: string | null;
  saved_at: string;
  content: string;
}

/** The coats of an entry, as rows: searched for when the same coat is noted again or struck out. */
export const notedCoats = (entry: LogEntry) =>
  entry.kind === 'coat' ? notedCoatsOf(entry).map((coat) => ({ coat, entry_id: entry.id })) : [];

/** An entry as a row. @param savedAt ISO 8601, UTC */
export function rowOf(entry: LogEntry, savedAt: string): Omit<LogRow, 'sequence'> {
  return {
    id: entry.id,
    bench_id: entry.benchId,
    struck_id: entry.kind === 'strike' ? entry.of : null,
    saved_at: savedAt,
    content: JSON.stringify(entry),
  };
}

/** Entries that can be read; one that cannot hides none of the others. */
export const readableOf = (rows: readonly Pick<LogRow, 'content'>[]): LogEntry[] =>
  rows.flatMap(({ content }) => {
    const read = entrySchema.safeParse(parsed(content));
    return read.success ? [read.data] : [];
  });

/** Which entries of a club: those a member sees, or those they sent themselves. */
export interface EntriesOf {
  memberId: string;
  isOwn: boolean;
}

/**
 * Narrows a query of entries. A bench and an army may bear one identifier: an entry is seen where
 * neither of them is another's own.
 */
export const onlyOf = (of: EntriesOf | null) => (rows: Knex.QueryBuilder) => {
  if (!of) return;
  const { memberId, isOwn } = of;
  const isSent = (is: Knex.QueryBuilder) => is.where('log_entries.member_id', memberId);
  if (isOwn) isSent(rows);
  else
    rows.where((is) => {
      isSent(is).orWhere((shown) => {
        onlySeen(shown, memberId, { kinds: ['benches', 'armies'], id: 'log_entries.bench_id' });
      });
    });
};

/** Whether an entry is on a bench, or of an army, of another member. */
export async function holdersOfOthers(memberId: string, within: Knex.Transaction) {
  const ids = await within('owners')
    .whereIn('kind', ['benches', 'armies'])
    .whereNot({ member_id: memberId })
    .pluck<string[]>('id');
  const others = new Set(ids);
  return (entry: LogEntry) =>
    referencesOf('log', entry).some(({ kinds, id }) => kinds.includes('armies') && others.has(id));
}

export async function rowsWhere(
  column: 'id' | 'struck_id',
  values: readonly string[],
  within: Knex.Transaction,
): Promise<LogRow[]> {
  const rows: LogRow[] = [];
  for (const part of inParts(values, valuesAtOnce))
    rows.push(...(await within<LogRow>('log_entries').whereIn(column, part)));
  return rows;
}
