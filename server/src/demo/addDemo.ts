import { ledgerFileOf } from '@yellow-ledger/core';
import type { Club } from '../club/club';
import type { Ledger } from '../db/ledger';
import { importSections } from '../files/importSections';
import { heldRecords } from '../files/takenFile';
import { addSample, addSampleOf } from './addSample';
import { addSampleMembers } from './sampleClub';
import { addSampleEvening } from './sampleEvening';
import { samplePast } from './samplePast';
import { repaintBench, repaintLog } from './sampleRepaint';

/**
 * The sample world as the demo shows it: with something that has been painted already. Who tries the
 * sample in a ledger of their own has a log of their own.
 */
export async function addDemo(ledger: Ledger, club: Club | null = null): Promise<void> {
  if (club) await addSampleMembers(club);
  await addSample(ledger);
  await addRepaint(ledger);
  if (club) await addSampleEvening(ledger, club);
}

/** The demo after two months at the table, by three painters, up to now. */
export async function addDemoWithPast(ledger: Ledger): Promise<void> {
  const past = samplePast(Date.now());
  // Its moments were those of the first start: they are not written a second time.
  if (await ledger.records.benches.get(past.benches[0].id)) return addDemo(ledger);
  await addSampleOf(ledger, past);
  const { benches, log, palettes } = past;
  await importSections(
    heldRecords(ledgerFileOf({ pots: [], recipes: [], benches, log, palettes })),
    ledger,
  );
  await addRepaint(ledger);
}

/** One figure that was painted yellow, and goes over to black. */
async function addRepaint(ledger: Ledger): Promise<void> {
  const past = ledgerFileOf({ pots: [], recipes: [], benches: [repaintBench], log: repaintLog() });
  await importSections(heldRecords(past), ledger);
}
