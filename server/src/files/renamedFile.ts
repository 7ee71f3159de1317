import { randomUUID } from 'node:crypto';
import {
  isOpaqueId,
  referencesOf,
  resourceNames,
  withReferences,
  type AnyRecord,
  type FileListName,
  type KindName,
  type ResourceName,
} from '@yellow-ledger/core';
import type { Knex } from 'knex';
import { inParts, valuesAtOnce } from '../db/inParts';
import { hiddenFrom } from '../open/hiddenFrom';
import type { TakenFile } from './takenFile';

const atOnce = 200;
/** Lists whose records name others. */
const namingLists: readonly FileListName[] = [
  ...resourceNames,
  'versions',
  'log',
  'proposals',
  'claims',
  'loans',
  'brings',
];

/**
 * A file as a member of a club may bring it in: an identifier that is another member's stands in it
 * under a new name. So nothing of theirs is written over, and nothing is told of it.
 *
 * @param ownerId the member
 */
export async function renamedFile(
  file: TakenFile,
  db: Knex | Knex.Transaction,
  ownerId: string,
): Promise<TakenFile> {
  const renamed = await namesFor(file, db, ownerId);
  if (renamed.size === 0) return file;
  const nameOf = (kinds: readonly KindName[], id: string) => {
    for (const kind of kinds) {
      const name = renamed.get(`${kind} ${id}`);
      if (name !== undefined) return name;
    }
    return id;
  };
  function* batches<Item extends object>(list: FileListName, size: number): Generator<Item[]> {
    for (const batch of file.batches<Item>(list, size)) {
      if (!namingLists.includes(list)) {
        yield batch;
        continue;
      }
      yield batch.map((item) => {
        const named = withReferences(list as KindName, item, ({ kinds, id }) => nameOf(kinds, id));
        if (!isResource(list)) return named;
        const { id } = named as unknown as AnyRecord;
        const own = nameOf([list], id);
        return own === id ? named : { ...named, id: own };
      });
    }
  }
  return { ...file, batches };
}

const isResource = (list: FileListName): list is ResourceName =>
  (resourceNames as readonly string[]).includes(list);

/** New names, by kind and identifier. */
async function namesFor(
  file: TakenFile,
  db: Knex | Knex.Transaction,
  ownerId: string,
): Promise<Map<string, string>> {
  const named = new Map<KindName, Set<string>>();
  const note = (kind: KindName, id: string) =>
    named.set(kind, (named.get(kind) ?? new Set()).add(id));
  for (const list of namingLists)
    for (const batch of file.batches<AnyRecord>(list, atOnce))
      for (const item of batch) {
        if (isResource(list)) note(list, item.id);
        for (const { kinds, id } of referencesOf(list as KindName, item))
          kinds.forEach((kind) => note(kind, id));
      }
  const renamed = new Map<string, string>();
  for (const kind of resourceNames)
    for (const part of inParts([...(named.get(kind) ?? [])], valuesAtOnce)) {
      const taken = new Set([
        ...(await othersAmong(kind, part, ownerId, db)),
        ...part.filter(isOpaqueId),
      ]);
      for (const id of taken) renamed.set(`${kind} ${id}`, randomUUID());
    }
  return renamed;
}

/**
 * A record hidden from the member, or deleted and another's or the club's: imported
 * under its own name it would become theirs, or could be changed by nobody.
 */
async function othersAmong(
  kind: ResourceName,
  ids: readonly string[],
  memberId: string,
  db: Knex | Knex.Transaction,
): Promise<string[]> {
  const [condition, bindings] = hiddenFrom(memberId);
  const hidden = await db('owners')
    .where({ kind })
    .whereIn('id', ids)
    .whereRaw(condition, bindings)
    .pluck<string[]>('id');
  const there = new Set(await db(kind).whereIn('id', ids).pluck<string[]>('id'));
  const own = new Set(
    await db('owners')
      .where({ kind, member_id: memberId })
      .whereIn('id', ids)
      .pluck<string[]>('id'),
  );
  const wasThere = [
    ...(await db('gone_records').where({ kind }).whereIn('id', ids).pluck<string[]>('id')),
    ...(await db('owners').where({ kind }).whereIn('id', ids).pluck<string[]>('id')),
  ];
  return [...hidden, ...wasThere.filter((id) => !there.has(id) && !own.has(id))];
}
