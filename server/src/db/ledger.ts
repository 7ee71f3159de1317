import { armySchema, type Army, type Palette, type Pot, type Recipe } from '@yellow-ledger/core';
import type { Knex } from 'knex';
import { sectionStore, type SectionStore } from '../files/sectionStore';
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
  sections: SectionStore;
}

export function openLedger(db: Knex): Ledger {
  const recipes = recipeStore(db);
  return {
    db,
    pots: potStore(db),
    recipes,
    versions: versionStore(db, recipes),
    palettes: paletteStore(db),
    armies: recordStore({ db, table: 'armies', schema: armySchema }),
    sections: sectionStore(db),
  };
}
