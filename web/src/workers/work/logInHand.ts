import { entrySchema, learnFigures, type LearnedFigures, type LogEntry } from '@yellow-ledger/core';
import { z } from 'zod';

const itemsSchema = z.object({
  items: z.array(z.object({ sequence: z.number(), entry: entrySchema })),
});

/** Everything that was ever written, as far as the server has given it. Entries never change. */
const known: LogEntry[] = [];
const ids = new Set<string>();
let sequence = 0;
let under: Promise<void> | null = null;

/** The whole log; only what is new is fetched. */
export async function wholeLog(): Promise<readonly LogEntry[]> {
  under ??= fetchNewer().finally(() => (under = null));
  await under;
  return known;
}

async function fetchNewer(): Promise<void> {
  const response = await fetch(`/api/log?after=${sequence}`);
  if (!response.ok) throw new Error('The ledger’s server did not give the log.');
  const { items } = itemsSchema.parse(await response.json());
  for (const item of items) {
    sequence = Math.max(sequence, item.sequence);
    if (ids.has(item.entry.id)) continue;
    ids.add(item.entry.id);
    known.push(item.entry);
  }
}

let learned: { entries: number; figures: LearnedFigures } | null = null;

/** A painter's own figures by the whole log; by what is known of it while the server is away. */
export async function ownFigures(): Promise<LearnedFigures> {
  const entries = await wholeLog().catch(() => known);
  if (learned?.entries !== entries.length)
    learned = { entries: entries.length, figures: learnFigures(entries) };
  return learned.figures;
}
