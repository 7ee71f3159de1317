import type { ContentOf, Photograph, Recipe, ResourceName } from '@yellow-ledger/core';
import { resourceNames, resources } from '@yellow-ledger/core';
import type { Knex } from 'knex';
import { sectionStore, type SectionStore } from '../files/sectionStore';
import { logStore, type LogStore } from '../log/logStore';
import { usedPaint } from '../log/usedPaint';
import { pictureStore, picturesBeside, type PictureStore } from '../pictures/pictureStore';
import { photographStore } from '../pictures/photographStore';
import { refuseWithoutPicture } from '../pictures/pictureThere';
import { refuseWhenInUse } from '../pots/potInUse';
import { potStore } from '../pots/potStore';
import { refuseCircle } from '../recipes/groundCircle';
import { versionStore, type VersionStore } from '../versions/versionStore';
import { recordStore, type RecordChecks, type RecordStore } from './recordStore';

/** The store of each kind of record, by its name. */
export type RecordStores = { [Name in ResourceName]: RecordStore<ContentOf<Name>> };

/** Everything a ledger keeps: one database, and pictures beside it. */
export interface Ledger {
  db: Knex;
  /** where that database lies */
  databaseFile: string;
  records: RecordStores;
  versions: VersionStore;
  log: LogStore;
  sections: SectionStore;
  /** the bytes of photographs, beside the database */
  pictures: PictureStore;
}

export function openLedger(db: Knex, databaseFile: string): Ledger {
  const used = usedPaint(db);
  const pictures = pictureStore(picturesBeside(databaseFile));
  const checks: { [Name in ResourceName]?: RecordChecks<ContentOf<Name>> } = {
    pots: { beforeRemoving: refuseWhenInUse },
    recipes: {
      beforeWriting: (recipe: Recipe, before, within) =>
        refuseCircle(recipe, before, records.recipes, versions, within),
    },
    photographs: {
      beforeWriting: (photograph: Photograph) => refuseWithoutPicture(photograph, pictures),
    },
  };
  const plain = Object.fromEntries(
    resourceNames.map((table) => [
      table,
      recordStore({ db, table, ...resources[table], checks: checks[table] } as never),
    ]),
  ) as unknown as RecordStores;
  const records: RecordStores = {
    ...plain,
    pots: potStore(db, plain.pots, used),
    photographs: photographStore(plain.photographs, pictures),
  };
  const versions = versionStore(db, records.recipes);
  return {
    db,
    databaseFile,
    records,
    versions,
    log: logStore(db, records.pots, used),
    sections: sectionStore(db),
    pictures,
  };
}
