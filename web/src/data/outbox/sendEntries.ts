import { keptSchema, potSchema, type LogEntry } from '@yellow-ledger/core';
import { z } from 'zod';
import { isAway, unreadable, type Problem } from '../ask';
import { applySaved, applyWritten } from '../serverCache';
import type { WritingHand } from './writingHand';
import { writingActions } from './writingSlice';

const appendedSchema = z.object({ pots: z.array(keptSchema(potSchema)) });

/**
 * Sends entries of the log, in their order.
 *
 * @returns what keeps everything from being sent; null when the next may go
 */
export async function sendEntries(
  writer: WritingHand,
  entries: readonly LogEntry[],
): Promise<Problem | null> {
  const answer = await writer.ask('/api/log', {
    method: 'POST',
    body: JSON.stringify({ entries }),
  });
  if ('data' in answer) {
    const read = appendedSchema.safeParse(answer.data);
    // Only the ledger’s own answer says that they are written.
    if (!read.success) return unreadable;
    applyWritten(writer.store, entries);
    writer.dropEntries(entries.map(({ id }) => id));
    read.data.pots.forEach((pot) => applySaved(writer.store, 'pots', pot));
    return null;
  }
  if (isAway(answer.error)) return answer.error;
  if (entries.length > 1) {
    // One of them is refused: the others are not to wait for it.
    for (const entry of entries) {
      const problem = await sendEntries(writer, [entry]);
      if (problem) return problem;
    }
    return null;
  }
  const [entry] = entries;
  const why = answer.error.message;
  writer.store.dispatch(writingActions.entryRefused({ id: entry.id, why }));
  writer.keeping.entry({ entry, refused: why });
  return null;
}
