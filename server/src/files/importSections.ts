import { randomUUID } from 'node:crypto';
import {
  pictureBytes,
  resourceNames,
  resources,
  type AnyRecord,
  type FilePicture,
  type LogEntry,
  type ResourceName,
  type Version,
  isSameContent,
} from '@yellow-ledger/core';
import type { Knex } from 'knex';
import { importClubLists } from '../club/clubInFiles';
import type { Ledger } from '../db/ledger';
import { inParts, insertMany, valuesAtOnce } from '../db/inParts';
import type { RecordStore } from '../db/recordStore';
import type { Sender } from '../log/logStore';
import { countIn, type TakenFile } from './takenFile';

/** The result of an import, for saying so. */
export interface Imported {
  recipes: { id: string; name: string; asCopy: boolean }[];
  potsAdded: number;
  /** pots that are here already and were left as they are */
  potsKept: number;
  /** names of pots that are here with other figures than in the file; the ones here were kept */
  potsDiffering: string[];
  /** what else is in the file and was left out, because something of that name is here */
  leftOut: string[];
}

const mark = ' (from a file)';
const recordsAtOnce = 200;
const entriesAtOnce = 2000;

/**
 * Takes a file in, all or nothing. Nothing that is here is overwritten: what is here stays as it is,
 * a recipe that is here gets the file’s beside it as a copy, and its versions stay its own.
 *
 * @param onProgress told the share that is in, 0–1
 * @param ownerId whose what is new becomes, in a club; the club’s or nobody’s where not said
 */
export async function importSections(
  file: TakenFile,
  ledger: Ledger,
  onProgress: (share: number) => void = () => undefined,
  ownerId?: string,
): Promise<Imported> {
  const all = Math.max(1, countIn(file));
  let done = 0;
  const step = (by: number) => onProgress((done += by) / all);
  return ledger.db.transaction(async (transaction) => {
    const imported: Imported = {
      recipes: [],
      potsAdded: 0,
      potsKept: 0,
      potsDiffering: [],
      leftOut: await ledger.sections.keep(file.sections, transaction),
    };
    for (const [picture] of file.batches<FilePicture>('pictures', 1)) {
      await ledger.pictures.put(pictureBytes(picture.data));
      step(1);
    }
    const newRecipes = new Set<string>();
    for (const name of resourceNames)
      for (const batch of file.batches<AnyRecord>(name, recordsAtOnce)) {
        for (const taken of await takenIn(name, batch, transaction)) {
          if (name === 'recipes' && taken.as === 'new') newRecipes.add(taken.record.id);
          tell(imported, name, taken);
        }
        step(batch.length);
      }
    for (const batch of file.batches<Version>('versions', recordsAtOnce)) {
      const left = await ledger.versions.restore(batch, newRecipes, transaction);
      imported.leftOut.push(
        ...left.map(({ number, content }) => `version ${number} of “${content.name}”`),
      );
      step(batch.length);
    }
    const entries = file.batches<LogEntry>('log', entriesAtOnce);
    const entriesLeft = await ledger.log.restore(
      entries,
      transaction,
      step,
      ownerId === undefined ? undefined : await senderOfMember(ownerId, transaction),
    );
    if (entriesLeft > 0)
      imported.leftOut.push(`${entriesLeft} ${entriesLeft === 1 ? 'entry' : 'entries'} of the log`);
    imported.leftOut.push(...(await importClubLists(file, transaction, ownerId)));
    return imported;
  });

  /** Takes in what is not here, or may stand beside what is. */
  async function takenIn(
    name: ResourceName,
    batch: readonly AnyRecord[],
    within: Knex.Transaction,
  ): Promise<Taken[]> {
    const store = ledger.records[name] as unknown as RecordStore<AnyRecord>;
    const { isCopied } = resources[name] as {
      isCopied?: (content: AnyRecord, mark: string, newId: string) => AnyRecord;
    };
    const here = await store.among(
      batch.map(({ id }) => id),
      within,
    );
    const all = batch.map((record): Taken => {
      const before = here.items.get(record.id);
      if (!before) return { record, as: here.damaged.has(record.id) ? 'mended' : 'new' };
      const isSame = isSameContent(before, record);
      // Taken in a second time, a file of everything changes nothing: only what differs is copied.
      if (!isCopied || (isSame && file.has('versions'))) return { record, as: 'left', isSame };
      return { record: isCopied(record, mark, randomUUID()), as: 'copy' };
    });
    const added = all.filter(({ as }) => as === 'new' || as === 'copy');
    if (ownerId)
      await insertMany(
        within,
        'owners',
        // A deleted record of another member stays theirs.
        (await unowned(name, added, within)).map((id) => ({
          kind: name,
          id,
          member_id: ownerId,
          is_shared: false,
        })),
      );
    await store.putNew(
      added.map(({ record }) => record),
      within,
    );
    // An unreadable record here is repaired from the file.
    for (const { record, as } of all)
      if (as === 'mended') await store.put(record, here.damaged.get(record.id) ?? 0, within);
    return all;
  }
}

/** The member who imports a file; strikes in it have the rights of that member. */
async function senderOfMember(memberId: string, within: Knex.Transaction): Promise<Sender> {
  const row = await within<{ id: string; name: string }>('members').where({ id: memberId }).first();
  return { memberId, name: row?.name ?? '', strikesAny: false };
}

async function unowned(
  kind: ResourceName,
  taken: readonly { record: AnyRecord }[],
  within: Knex.Transaction,
): Promise<string[]> {
  const ids = taken.map(({ record }) => record.id);
  const owned = new Set<string>();
  for (const part of inParts(ids, valuesAtOnce))
    for (const id of await within('owners')
      .where({ kind })
      .whereIn('id', part)
      .pluck<string[]>('id'))
      owned.add(id);
  return ids.filter((id) => !owned.has(id));
}

interface Taken {
  record: AnyRecord;
  as: 'new' | 'mended' | 'copy' | 'left';
  /** whether what was left out says the same as what is here */
  isSame?: boolean;
}

function tell(imported: Imported, name: ResourceName, { record, as, isSame }: Taken): void {
  const called = (resources[name].nameOf as (record: AnyRecord) => string)(record);
  if (name === 'recipes' && as !== 'left')
    imported.recipes.push({ id: record.id, name: called, asCopy: as === 'copy' });
  if (name === 'pots') {
    if (as === 'new') imported.potsAdded++;
    if (as === 'left') imported.potsKept++;
    if (as === 'left' && !isSame) imported.potsDiffering.push(called);
  } else if (as === 'left' && !isSame)
    imported.leftOut.push(`the ${resources[name].label} “${called}”`);
}
