import type { Matter, Role } from '@yellow-ledger/core';
import { may, resourceNames } from '@yellow-ledger/core';
import type { Knex } from 'knex';
import { relationOf, type Owner } from '../ownerStore';

/** How far somebody has been told: the last change, and the last entry of the log. */
export interface Told {
  change: number;
  entry: number;
}

interface Owned {
  owner_id: string | null;
  is_shared: number | null;
}

/** Something of a kind that is not what it was. */
interface ChangeRow extends Owned {
  number: number;
  kind: string;
  id: string;
  is_of_owner: number;
}

interface EntryRow extends Owned {
  sequence: number;
  /** as JSON text */
  content: string;
  member_id: string | null;
}

/** What happened after something that was told. */
export interface News {
  changes: ChangeRow[];
  entries: EntryRow[];
}

/** So many changes, and so many entries, are read at once. */
const pageSize = 200;

/** Whether more has happened than was read. */
export const isFullPage = ({ changes, entries }: News): boolean =>
  changes.length === pageSize || entries.length === pageSize;

/** What has happened in a ledger, in the order it did. */
export interface NewsStore {
  last(): Promise<Told>;
  /** the next page of it */
  after(told: Told): Promise<News>;
}

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
      const changes = (await db.raw(
        `select changes.number, changes.kind, changes.id, changes.is_of_owner,
                owners.member_id as owner_id, owners.is_shared
         from changes left join owners on owners.id = changes.id
          and owners.kind = case changes.kind when 'versions' then 'recipes' else changes.kind end
         where changes.number > ? order by changes.number limit ?`,
        [change, pageSize],
      )) as ChangeRow[];
      const entries = (await db.raw(
        `select log_entries.sequence, log_entries.content, log_entries.member_id,
                owners.member_id as owner_id, owners.is_shared
         from log_entries left join owners
           on owners.kind in ('benches', 'armies') and owners.id = log_entries.bench_id
         where log_entries.sequence > ? and json_valid(log_entries.content)
         order by log_entries.sequence limit ?`,
        [entry, pageSize],
      )) as EntryRow[];
      return { changes, entries };
    },
  };
}

/** How far one is told who is told this. */
export const toldBy = ({ changes, entries }: News, before: Told): Told => ({
  change: changes.at(-1)?.number ?? before.change,
  entry: entries.at(-1)?.sequence ?? before.entry,
});

const ownerOf = ({ owner_id, is_shared }: Owned): Owner | null =>
  owner_id === null ? null : { memberId: owner_id, isShared: Boolean(is_shared) };

const matters = [...resourceNames, 'versions', 'proposals', 'members'] as const;

/** What a change is looked at as; who has taken up what is seen by who sees the army. */
const matterOf = (kind: string): Matter => matters.find((name) => name === kind) ?? 'armies';

/**
 * What of the news is told to a member, as JSON text: what they see, and that something is another’s
 * now, so that they can let go of it.
 */
export function newsFor({ changes, entries }: News, member: { id: string; role: Role }): string {
  const seen = (matter: Matter, owned: Owned) =>
    may(member.role, relationOf(ownerOf(owned), member.id), 'look', matter);
  const shown = changes.filter(
    (change) => change.is_of_owner || seen(matterOf(change.kind), change),
  );
  const written = entries.filter((entry) => entry.member_id === member.id || seen('log', entry));
  const told = shown.map(({ kind, id, is_of_owner }) => ({
    kind,
    id,
    ...(is_of_owner && { isOfOwner: true }),
  }));
  // Put together as text: an entry is not read here only to be written out again, forty times.
  const items = written.map(
    ({ sequence, content }) => `{"sequence":${sequence},"entry":${content}}`,
  );
  return `{"changes":${JSON.stringify(told)},"entries":[${items.join(',')}]}`;
}
