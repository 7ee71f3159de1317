import type { LogEntry } from '@yellow-ledger/core';
import type { Knex } from 'knex';
import { inParts, valuesAtOnce } from '../db/inParts';

/** The pots whose paint an entry makes out of date. */
export interface Touching {
  id: string;
  isCoat: boolean;
  /** the entry it strikes out */
  strikes: string | null;
}

export const touching = (entry: LogEntry): Touching => ({
  id: entry.id,
  isCoat: entry.kind === 'coat',
  strikes: entry.kind === 'strike' ? entry.of : null,
});

/** So many are worked out anew together. */
export const recountedAtOnce = 2000;

/** Entries by the coats they note, so that those that note the same are worked out together. */
export async function inOrderOfCoats(
  ids: readonly string[],
  within: Knex.Transaction,
): Promise<string[]> {
  if (ids.length <= recountedAtOnce) return [...ids];
  const firstCoat = new Map<string, string>();
  for (const part of inParts(ids, valuesAtOnce)) {
    const rows = (await within('noted_coats')
      .whereIn('entry_id', part)
      .groupBy('entry_id')
      .select('entry_id as id')
      .min({ coat: 'coat' })) as { id: string; coat: string }[];
    rows.forEach(({ id, coat }) => firstCoat.set(id, coat));
  }
  const coatOf = (id: string) => firstCoat.get(id) ?? '';
  return [...ids].sort((one, other) => (coatOf(one) < coatOf(other) ? -1 : 1));
}

/** Entries that note a coat one of these notes; those that note a coat are of them. */
export async function notingTheSame(
  ids: readonly string[],
  within: Knex.Transaction,
): Promise<string[]> {
  const found = new Set<string>();
  for (const part of inParts(ids, valuesAtOnce)) {
    const same = await within('noted_coats as one')
      .join('noted_coats as other', 'one.coat', 'other.coat')
      .whereIn('one.entry_id', part)
      .distinct()
      .pluck<string[]>('other.entry_id');
    same.forEach((id) => found.add(id));
  }
  return [...found];
}
