import {
  entrySchema,
  may,
  referencesOf,
  type KindName,
  type PermissionSubject,
} from '@yellow-ledger/core';
import type { Knex } from 'knex';
import { parsed } from '../../db/recordStore';
import { ownedAmong, type Openness } from '../../open/hiddenFrom';

/** How far somebody has been told: the last change, and the last entry of the log. */
export interface Told {
  change: number;
  entry: number;
}

/** Something of a kind that is not what it was. */
export interface ChangeRow {
  number: number;
  kind: string;
  id: string;
  /** it is whose it is, or who may see it, that has changed */
  is_of_owner: number;
  /** others may have seen it before */
  was_open: number;
}

export interface EntryRow {
  sequence: number;
  bench_id: string;
  /** as JSON text */
  content: string;
  member_id: string | null;
}

/** A record that draws from a pot. */
export interface DrawnRow {
  kind: string;
  record_id: string;
  pot_id: string;
}

/** News after something that was told. */
export interface News {
  changes: ChangeRow[];
  entries: EntryRow[];
  /** what draws from what, of the records that changed and of the pots that did */
  drawn: DrawnRow[];
  /** of everything that is named here, what somebody owns */
  openness(kind: string, id: string): Openness | undefined;
}

/** Kinds of which it is noted what they draw from. */
const drawing = ['recipes', 'palettes', 'proposals'];

/** So many changes, and so many entries, are read at once. */
const pageSize = 200;

/** Whether more has happened than was read. */
export const isFullPage = ({ changes, entries }: News): boolean =>
  changes.length === pageSize || entries.length === pageSize;

/** The events of a ledger, in the order they happened. */
export interface NewsStore {
  last(): Promise<Told>;
  /** the next page of it */
  after(told: Told): Promise<News>;
}

/** Changes of what hangs on another record are seen by who sees that record. */
const seenWith: Record<string, KindName> = {
  versions: 'recipes',
  claims: 'armies',
  // Loans, and who brings a pot.
  shelves: 'pots',
};

/** The kind of the record that decides who is told of a change. */
export const deciding = (kind: string): string => seenWith[kind] ?? kind;

/** Kinds that are not records of members: seen by role alone. */
export const byRoleAlone = (kind: string): PermissionSubject | null =>
  kind === 'proposals' || kind === 'members' ? kind : null;

export const mayBeTold = (role: Parameters<typeof may>[0], matter: PermissionSubject): boolean =>
  may(role, 'club', 'look', matter);

export function newsStore(db: Knex): NewsStore {
  return {
    async last() {
      const [row] = (await db.raw(
        `select coalesce((select max(number) from changes), 0) as change,
                coalesce((select max(sequence) from log_entries), 0) as entry`,
      )) as Told[];
      return row;
    },

    async after({ change, entry }) {
      const changes = await db<ChangeRow>('changes')
        .where('number', '>', change)
        .orderBy('number')
        .limit(pageSize);
      const entries = await db<EntryRow>('log_entries')
        .where('sequence', '>', entry)
        .whereRaw('json_valid(content)')
        .orderBy('sequence')
        .limit(pageSize)
        .select('sequence', 'bench_id', 'content', 'member_id');
      const ids = changes.map(({ id }) => id);
      const drawn = await db<DrawnRow>('drawn_pots')
        .where((is) => is.whereIn('kind', drawing).whereIn('record_id', ids))
        .orWhereIn('pot_id', ids)
        .select('kind', 'record_id', 'pot_id');
      return { changes, entries, drawn, openness: await opennessOf(changes, entries, drawn) };
    },
  };

  /** Looked up once for all who are told. */
  async function opennessOf(
    changes: readonly ChangeRow[],
    entries: readonly EntryRow[],
    drawn: readonly DrawnRow[],
  ): Promise<News['openness']> {
    const asked = new Map<string, Set<string>>();
    const ask = (kind: string, id: string) =>
      asked.set(kind, (asked.get(kind) ?? new Set()).add(id));
    for (const { kind, id } of changes) ask(deciding(kind), id);
    for (const { kind, record_id, pot_id } of drawn) {
      ask(kind, record_id);
      ask('pots', pot_id);
    }
    for (const { bench_id, content } of entries) {
      for (const kind of ['benches', 'armies']) ask(kind, bench_id);
      for (const { kinds, id } of referencesIn(content)) kinds.forEach((kind) => ask(kind, id));
    }
    const owned = new Map<string, Map<string, Openness>>();
    for (const [kind, ids] of asked) owned.set(kind, await ownedAmong(kind, [...ids], db));
    return (kind, id) => owned.get(kind)?.get(id);
  }
}

/** The references of an entry. */
function referencesIn(content: string) {
  const read = entrySchema.safeParse(parsed(content));
  return read.success ? referencesOf('log', read.data) : [];
}

/** How far one is told who is told this. */
export const toldBy = ({ changes, entries }: News, before: Told): Told => ({
  change: changes.at(-1)?.number ?? before.change,
  entry: entries.at(-1)?.sequence ?? before.entry,
});
