import { entrySchema, inOrder, type LogEntry } from '@yellow-ledger/core';
import { unsentPrefix } from './unsent';

/**
 * Entries the server has not acknowledged, kept in the browser: each under a key of its own, so that
 * two tabs never write over each other's. Sending one twice is harmless.
 */
export const outbox = {
  put(entry: LogEntry): void {
    try {
      localStorage.setItem(unsentPrefix + entry.id, JSON.stringify(entry));
    } catch {
      // A full or forbidden store only loses the safety net; sending to the server goes on.
    }
  },

  /** In the order they were written. What cannot be read is left where it is. */
  all(): LogEntry[] {
    const entries: LogEntry[] = [];
    for (let i = 0; i < localStorage.length; i++) {
      const key = localStorage.key(i);
      if (!key?.startsWith(unsentPrefix)) continue;
      const entry = readEntry(localStorage.getItem(key));
      if (entry) entries.push(entry);
    }
    return entries.sort(inOrder);
  },

  remove(id: string): void {
    localStorage.removeItem(unsentPrefix + id);
  },
};

function readEntry(text: string | null): LogEntry | null {
  try {
    const read = entrySchema.safeParse(JSON.parse(text ?? ''));
    return read.success ? read.data : null;
  } catch {
    return null;
  }
}
