import { randomUUID } from 'node:crypto';
import { isDeepStrictEqual } from 'node:util';
import {
  resourceNames,
  resources,
  type AnyRecord,
  type ContentOf,
  type ReadFile,
  type ResourceName,
  type Version,
} from '@yellow-ledger/core';
import type { Knex } from 'knex';
import type { Ledger } from '../db/ledger';
import type { RecordStore } from '../db/recordStore';

/** What an import did, for saying so. */
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

/**
 * Takes a file in, all or nothing. Nothing that is here is overwritten: what is here stays as it is,
 * a recipe that is here gets the file’s beside it as a copy, and its versions stay its own.
 */
export async function importFile({ file, sections }: ReadFile, ledger: Ledger): Promise<Imported> {
  const { db, records, versions, log } = ledger;
  // Before the transaction: there is one connection, which that holds.
  const [here, spoilt] = await recordsHere(ledger);
  return db.transaction(async (transaction) => {
    const taken = new Map<ResourceName, Taken[]>();
    for (const name of resourceNames) taken.set(name, await takeIn(name, transaction));
    const versionsLeft: Version[] = [];
    for (const version of file.versions ?? [])
      if (!here.recipes.has(version.recipeId)) await versions.restore(version, transaction);
      else versionsLeft.push(version);
    const entriesLeft = await log.restore(file.log ?? [], transaction);
    const partsLeft = await ledger.sections.keep(sections, transaction);
    const pots = taken.get('pots') ?? [];
    return {
      recipes: (taken.get('recipes') ?? []).flatMap(({ record, as }) =>
        as === 'left' ? [] : [{ ...named(record), asCopy: as === 'copy' }],
      ),
      potsAdded: pots.filter(({ as }) => as === 'new').length,
      potsKept: pots.filter(({ as }) => as === 'left').length,
      potsDiffering: differing('pots', pots),
      leftOut: [
        ...partsLeft,
        ...resourceNames.flatMap((name) =>
          name === 'pots' || name === 'recipes'
            ? []
            : differing(name, taken.get(name) ?? []).map(
                (called) => `the ${resources[name].label} “${called}”`,
              ),
        ),
        ...(await versionsThatDiffer()),
        ...(entriesLeft > 0
          ? [`${entriesLeft} ${entriesLeft === 1 ? 'entry' : 'entries'} of the log`]
          : []),
      ],
    };

    /** Takes in what is not here, or may stand beside what is. */
    async function takeIn<Name extends ResourceName>(
      name: Name,
      within: Knex.Transaction,
    ): Promise<Taken[]> {
      const store = records[name] as unknown as RecordStore<ContentOf<Name>>;
      const list: readonly ContentOf<Name>[] = (file[name] as ContentOf<Name>[] | undefined) ?? [];
      const { isCopied } = resources[name] as {
        isCopied?: (content: ContentOf<Name>, mark: string, newId: string) => ContentOf<Name>;
      };
      const all: Taken[] = [];
      for (const record of list) {
        const before = here[name].get(record.id);
        // Taken in a second time, a file of everything changes nothing: only what differs is copied.
        const isSame = file.versions !== undefined && isDeepStrictEqual(before, record);
        const as = before === undefined ? 'new' : isCopied && !isSame ? 'copy' : 'left';
        const taken = as === 'copy' && isCopied ? isCopied(record, mark, randomUUID()) : record;
        // What is here and cannot be read is mended by what the file has.
        if (as !== 'left') await store.put(taken, spoilt[name].get(taken.id) ?? 0, within);
        all.push({ record: taken, as });
      }
      return all;
    }

    /** Names of records of the file that were left out and say something else than those here. */
    function differing(name: ResourceName, all: readonly Taken[]): string[] {
      const nameOf = resources[name].nameOf as (record: AnyRecord) => string;
      return all.flatMap(({ record, as }) =>
        as === 'left' && !isDeepStrictEqual(here[name].get(record.id), record)
          ? [nameOf(record)]
          : [],
      );
    }

    async function versionsThatDiffer(): Promise<string[]> {
      const left: string[] = [];
      for (const version of versionsLeft) {
        const own = await versions.list(version.recipeId, transaction);
        const same = own.some((each) => isDeepStrictEqual(each, version));
        if (!same) left.push(`version ${version.number} of “${version.content.name}”`);
      }
      return left;
    }
  });
}

interface Taken {
  record: AnyRecord;
  as: 'new' | 'copy' | 'left';
}

const named = (record: AnyRecord) => ({
  id: record.id,
  name: 'name' in record ? record.name : record.id,
});

/** What is here, by identifier, and the revisions of what is here and cannot be read. */
async function recordsHere({ records }: Ledger) {
  const lists = await Promise.all(
    resourceNames.map(async (name) => {
      const { items, damaged } = await records[name].listWithDamaged();
      return {
        name,
        here: new Map<string, AnyRecord>(items.map(({ content }) => [content.id, content])),
        spoilt: new Map(damaged.map(({ id, revision }) => [id, revision])),
      };
    }),
  );
  return [
    Object.fromEntries(lists.map(({ name, here }) => [name, here])),
    Object.fromEntries(lists.map(({ name, spoilt }) => [name, spoilt])),
  ] as [Record<ResourceName, Map<string, AnyRecord>>, Record<ResourceName, Map<string, number>>];
}
