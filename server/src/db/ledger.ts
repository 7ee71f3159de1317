import type { Pot, Recipe } from '@yellow-ledger/core';
import type { Knex } from 'knex';
import { potStore } from '../pots/potStore';
import { recipeStore } from '../recipes/recipeStore';
import type { RecordStore } from './recordStore';

/** Everything a ledger keeps, over one database. */
export interface Ledger {
  db: Knex;
  pots: RecordStore<Pot>;
  recipes: RecordStore<Recipe>;
}

export function openLedger(db: Knex): Ledger {
  return { db, pots: potStore(db), recipes: recipeStore(db) };
}
