import type { ContentOf, ResourceName } from '@yellow-ledger/core';
import { resourceNames, resources } from '@yellow-ledger/core';
import type { Knex } from 'knex';
import { sectionStore, type SectionStore } from '../files/sectionStore';
import { logStore, type LogStore } from '../log/logStore';
import { usedPaint } from '../log/usedPaint';
import { pictureStore, picturesBeside, type PictureStore } from '../pictures/pictureStore';
import { potStore } from '../pots/potStore';
import { versionStore, type VersionStore } from '../versions/versionStore';
import { recordStore, type RecordStore } from './recordStore';

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
  const plain = Object.fromEntries(
    resourceNames.map((table) => [table, recordStore({ db, table, ...resources[table] } as never)]),
  ) as unknown as RecordStores;
  const records = { ...plain, pots: potStore(db, plain.pots, used) };
  return {
    db,
    databaseFile,
    records,
    versions: versionStore(db, records.recipes),
    log: logStore(db, records.pots, used),
    sections: sectionStore(db),
    pictures: pictureStore(picturesBeside(databaseFile)),
  };
}
