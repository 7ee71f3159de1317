import { ledgerFileOf, type Army, type Pot } from '@yellow-ledger/core';
import type { Ledger } from '../db/ledger';
import { importSections } from '../files/importSections';
import { heldRecords } from '../files/takenFile';
import { sampleArmy } from './sampleArmy';
import { samplePhotographId, samplePhotographs } from './samplePhotographs';
import { samplePots } from './samplePots';
import { sampleRecipes } from './sampleRecipes';

/** Puts the sample world into a ledger; sample recipes that are there already are left alone. */
export const addSample = (ledger: Ledger): Promise<void> =>
  addSampleOf(ledger, { army: sampleArmy, pots: samplePots });

/** The same with the army and the pots as they are after some time at the table. */
export async function addSampleOf(
  ledger: Ledger,
  { army, pots }: { army: Army; pots: Pot[] },
): Promise<void> {
  const here = new Set((await ledger.records.recipes.list()).map(({ content }) => content.id));
  const recipes = sampleRecipes.filter(({ id }) => !here.has(id));
  const file = ledgerFileOf({
    pots,
    recipes,
    armies: [army],
    ...(await missingPhotographs(ledger)),
  });
  await importSections(heldRecords(file), ledger);
}

/** Drawing the picture takes longer than all else: it is drawn only for a ledger that lacks it. */
async function missingPhotographs({ records }: Ledger) {
  const isThere = (await records.photographs.get(samplePhotographId)) !== null;
  return isThere ? {} : samplePhotographs();
}
