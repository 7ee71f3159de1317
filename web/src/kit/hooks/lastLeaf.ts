import { z } from 'zod';

const key = 'yellow-ledger.leaves';
/** Of so many records the leaf is remembered, the latest. */
const mostKept = 200;
const keptSchema = z.record(z.string(), z.string()).catch({});

function kept(): Record<string, string> {
  try {
    return keptSchema.parse(JSON.parse(localStorage.getItem(key) ?? '{}'));
  } catch {
    return {};
  }
}

/** The leaf somebody looked at last, so that the record opens on it the next time. */
export const lastLeaf = {
  /** @param at address of the record */
  keep(at: string, leaf: string): void {
    const { [at]: before, ...others } = kept();
    if (before === leaf) return;
    try {
      const latest = [...Object.entries(others), [at, leaf]].slice(-mostKept);
      localStorage.setItem(key, JSON.stringify(Object.fromEntries(latest)));
    } catch {
      // Where the browser keeps nothing, a record opens on its first leaf.
    }
  },

  /** The address of the leaf; of the record itself where none was looked at. */
  of(at: string): string {
    const leaf = kept()[at];
    return leaf ? `${at}/${leaf}` : at;
  },
};
