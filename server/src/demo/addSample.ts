import { ledgerFileOf } from '@yellow-ledger/core';
import type { Ledger } from '../db/ledger';
import { takeIn } from '../files/takeIn';
import { heldRecords } from '../files/takenFile';
import { sampleArmy } from './sampleArmy';
import { samplePhotographs } from './samplePhotographs';
import { samplePots } from './samplePots';
import { sampleRecipes } from './sampleRecipes';

/** Puts the sample world into a ledger; sample recipes that are there already are left alone. */
export async function addSample(ledger: Ledger): Promise<void> {
  const here = new Set((await ledger.records.recipes.list()).map(({ content }) => content.id));
  const recipes = sampleRecipes.filter(({ id }) => !here.has(id));
  const file = ledgerFileOf({
    pots: samplePots,
    recipes,
    armies: [sampleArmy],
    ...samplePhotographs(),
  });
  await takeIn(heldRecords(file), ledger);
}
