import { armySchema, paletteSchema } from '@yellow-ledger/core';
import { z } from 'zod';
import type { Deed } from './deedsSlice';

/** The kinds of record that are changed deed by deed on their own page. */
export type QueuedKind = 'palettes' | 'armies';

const leftSchema = {
  palettes: z.strictObject({ before: paletteSchema.nullable(), after: paletteSchema }),
  armies: z.strictObject({ before: armySchema.nullable(), after: armySchema }),
};

/** What the server is not known to have yet, and what it stood on. */
export type Unsaved = Pick<Deed, 'before' | 'after'>;

const keyOf = (kind: QueuedKind, id: string) => `yellow-ledger.unsaved.${kind}.${id}`;

/** Deeds the server has not acknowledged, kept in the browser: a closed page does not lose them. */
export const unsavedDeed = {
  keep(kind: QueuedKind, id: string, unsaved: Unsaved): void {
    try {
      localStorage.setItem(keyOf(kind, id), JSON.stringify(unsaved));
    } catch {
      // A full or forbidden store only loses the safety net; saving to the server goes on.
    }
  },

  /** What is left of an earlier visit; null when there is nothing or it cannot be read. */
  find(kind: QueuedKind, id: string): Unsaved | null {
    const text = localStorage.getItem(keyOf(kind, id));
    if (text === null) return null;
    try {
      return leftSchema[kind].parse(JSON.parse(text));
    } catch {
      return null;
    }
  },

  forget(kind: QueuedKind, id: string): void {
    localStorage.removeItem(keyOf(kind, id));
  },
};
