import { ledgerFileOf } from '@yellow-ledger/core';
import type { Ledger } from '../db/ledger';
import { takeIn } from '../files/takeIn';
import { heldRecords } from '../files/takenFile';
import { addSample } from './addSample';
import { repaintBench, repaintLog } from './sampleRepaint';

/**
 * The sample world as the demo shows it: with something that has been painted already. Who tries the
 * sample in a ledger of their own has a log of their own.
 */
export async function addDemo(ledger: Ledger): Promise<void> {
  await addSample(ledger);
  const past = ledgerFileOf({ pots: [], recipes: [], benches: [repaintBench], log: repaintLog() });
  await takeIn(heldRecords(past), ledger);
}
