import type { AnyRecord, Photograph, ResourceName } from '@yellow-ledger/core';
import type { Ledger } from '../db/ledger';
import type { RecordStore } from '../db/recordStore';
import { exportAll } from '../files/exportAll';
import { putPotsInto } from '../pots/putPots';
import { replaceInRecipes } from '../replacements/replaceInRecipes';
import type { OpenLedger, OpenRecords } from './openLedger';

/** A ledger that is its owner's alone: all of it. */
export function openToAll(ledger: Ledger): OpenLedger {
  const { db, records, versions, log, pictures } = ledger;
  return {
    // The routes let through what the schema of the same kind has passed.
    records: <Content extends AnyRecord>(kind: ResourceName) =>
      records[kind] as unknown as RecordStore<Content> as OpenRecords<Content>,
    putPots: (writes) => db.transaction((within) => putPotsInto(records.pots, writes, within)),
    replaceInRecipes: (replacement) =>
      db.transaction((within) => replaceInRecipes(replacement, ledger, within)),
    versions: {
      all: () => versions.allWithDamaged(),
      of: (recipeId) => versions.list(recipeId),
      freeze: (recipeId, number, freeze) => versions.freeze(recipeId, number, freeze),
      removeDamaged: (recipeId, number) => versions.removeDamaged(recipeId, number),
    },
    log: {
      textsAfter: (sequence) => log.textsAfter(sequence),
      append: (entries) => log.append(entries),
      removeDamaged: (id) => log.removeDamaged(id),
    },
    pictures,
    photographsOf: async (recipeId) =>
      (await records.photographs.list())
        .map(({ content }): Photograph => content)
        .filter(({ of }) => of.kind === 'recipe' && of.recipeId === recipeId),
    wholeFile: async (_isOwn, within) => exportAll(ledger, within),
    ownerId: undefined,
  };
}
