import { useSyncExternalStore } from 'react';
import { z } from 'zod';

const key = 'yellow-ledger.beginning';

/** The steps from nothing to the bench. */
export const beginSteps = [
  { name: 'pots', words: 'a few pots' },
  { name: 'draft', words: 'a draft' },
  { name: 'form', words: 'look at it on a form' },
  { name: 'change', words: 'change one thing' },
  { name: 'bench', words: 'to the bench' },
] as const;

export type BeginStep = (typeof beginSteps)[number]['name'];

const stateSchema = z
  .discriminatedUnion('is', [
    z.object({ is: z.literal('on'), recipeId: z.string() }),
    z.object({ is: z.literal('left') }),
  ])
  .nullable()
  .catch(null);

type Beginning = z.infer<typeof stateSchema>;
const listeners = new Set<() => void>();

const text = () => {
  try {
    return localStorage.getItem(key) ?? 'null';
  } catch {
    return 'null';
  }
};

const read = (from: string): Beginning => {
  try {
    return stateSchema.parse(JSON.parse(from));
  } catch {
    return null;
  }
};

/** How far somebody has come who begins; kept in the browser, and over once it was left. */
export const beginning = {
  now: (): Beginning => read(text()),
  put(next: NonNullable<Beginning>): void {
    try {
      localStorage.setItem(key, JSON.stringify(next));
    } catch {
      // Where the browser keeps nothing, nobody is led on.
    }
    listeners.forEach((each) => each());
  },
};

export function useBeginning(): Beginning {
  const now = useSyncExternalStore((listener) => {
    listeners.add(listener);
    return () => listeners.delete(listener);
  }, text);
  return read(now);
}
