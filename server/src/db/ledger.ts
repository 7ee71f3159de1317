import {
  armySchema,
  benchSchema,
  type Army,
  type Bench,
  type Palette,
  type Pot,
  type Recipe,
} from '@yellow-ledger/core';
import type { Knex } from 'knex';
import { sectionStore, type SectionStore } from '../files/sectionStore';
import { logStore, type LogStore } from '../log/logStore';
import { paletteStore } from '../palettes/paletteStore';
import { potStore } from '../pots/potStore';
import { recipeStore } from '../recipes/recipeStore';
import { versionStore, type VersionStore } from '../versions/versionStore';
import { recordStore, type RecordStore } from './recordStore';

/** Everything a ledger keeps, over one database. */
export interface Ledger {
  db: Knex;
  pots: RecordStore<Pot>;
  recipes: RecordStore<Recipe>;
  versions: VersionStore;
  palettes: RecordStore<Palette>;
  armies: RecordStore<Army>;
  benches: RecordStore<Bench>;
  log: LogStore;
  sections: SectionStore;
}

export function openLedger(db: Knex): Ledger {
  const recipes = recipeStore(db);
  const pots = potStore(db);
  return {
    db,
    pots,
    recipes,
    versions: versionStore(db, recipes),
    palettes: paletteStore(db),
    armies: recordStore({ db, table: 'armies', schema: armySchema }),
    benches: recordStore({ db, table: 'benches', schema: benchSchema }),
    log: logStore(db, pots),
    sections: sectionStore(db),
  };
}
