import { fileFormat, fileVersion, type Pot, type Recipe } from '@yellow-ledger/core';
import { Router } from 'express';
import type { Knex } from 'knex';
import type { RecordStore } from '../db/recordStore';
import { importFile } from '../files/importFile';
import { samplePots } from './samplePots';
import { sampleRecipes } from './sampleRecipes';

interface Ledger {
  db: Knex;
  pots: RecordStore<Pot>;
  recipes: RecordStore<Recipe>;
}

/** Puts the sample world into a ledger; sample recipes that are there already are left alone. */
export async function addSample(ledger: Ledger): Promise<void> {
  const here = new Set((await ledger.recipes.list()).map(({ content }) => content.id));
  const recipes = sampleRecipes.filter(({ id }) => !here.has(id));
  await importFile({ format: fileFormat, version: fileVersion, pots: samplePots, recipes }, ledger);
}

export function demoRoutes(ledger: Ledger): Router {
  const router = Router();
  router.post('/sample', async (_request, response) => {
    await addSample(ledger);
    response.status(204).end();
  });
  return router;
}
