import { fileFormat, fileVersion } from '@yellow-ledger/core';
import type { Ledger } from '../db/ledger';
import { importFile } from '../files/importFile';
import { samplePots } from './samplePots';
import { sampleRecipes } from './sampleRecipes';

/** Puts the sample world into a ledger; sample recipes that are there already are left alone. */
export async function addSample(ledger: Ledger): Promise<void> {
  const here = new Set((await ledger.recipes.list()).map(({ content }) => content.id));
  const recipes = sampleRecipes.filter(({ id }) => !here.has(id));
  await importFile({ format: fileFormat, version: fileVersion, pots: samplePots, recipes }, ledger);
}
