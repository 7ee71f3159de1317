import { ledgerFileOf } from '@yellow-ledger/core';
import type { Club } from '../club/club';
import type { Ledger } from '../db/ledger';
import { takeIn } from '../files/takeIn';
import { heldRecords } from '../files/takenFile';
import { addSample } from './addSample';
import { addSampleMembers } from './sampleClub';
import { addSampleEvening } from './sampleEvening';
import { repaintBench, repaintLog } from './sampleRepaint';

/**
 * The sample world as the demo shows it: with something that has been painted already. Who tries the
 * sample in a ledger of their own has a log of their own.
 */
export async function addDemo(ledger: Ledger, club: Club | null = null): Promise<void> {
  if (club) await addSampleMembers(club);
  await addSample(ledger);
  const past = ledgerFileOf({ pots: [], recipes: [], benches: [repaintBench], log: repaintLog() });
  await takeIn(heldRecords(past), ledger);
  if (club) await addSampleEvening(ledger, club);
}
