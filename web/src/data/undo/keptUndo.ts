import { entrySchema, resourceNames, resources, type ResourceName } from '@yellow-ledger/core';
import { z } from 'zod';
import type { UndoState, UndoStep } from './undoSlice';

/** A browser keeps about 5 MB of a tab, two bytes a character. */
const mostCharacters = 1_500_000;

const recordChange = z
  .object({
    name: z.enum(resourceNames as [ResourceName, ...ResourceName[]]),
    before: z.unknown(),
    after: z.unknown(),
  })
  .refine(({ name, before, after }) =>
    [before, after].every(
      (each) => each === null || resources[name].schema.safeParse(each).success,
    ),
  );

const stepSchema = z.object({
  label: z.string(),
  of: z.string(),
  at: z.number(),
  scope: z.string().nullable(),
  records: z.array(recordChange),
  entries: z.array(entrySchema),
});

const stateSchema = z.object({ done: z.array(stepSchema), undone: z.array(stepSchema) });

/** Keeps what can be undone over a reload of the page, for this tab alone. */
export class KeptUndo {
  /** @param key of this ledger and who is logged in; null where nobody is */
  constructor(
    private readonly kept: Pick<Storage, 'getItem' | 'setItem' | 'removeItem'>,
    private readonly key: () => string | null,
  ) {}

  /** @returns null where nothing is kept that can be read */
  last(): UndoState | null {
    const key = this.key();
    if (key === null) return null;
    try {
      const read = stateSchema.safeParse(JSON.parse(this.kept.getItem(key) ?? 'null'));
      // The schema of each kind has passed its records.
      return read.success ? (read.data as UndoState) : null;
    } catch {
      return null;
    }
  }

  /** Keeps as many of the last steps as there is room for; nothing once nobody is logged in. */
  keep({ done, undone }: UndoState): void {
    const key = this.key();
    if (key === null) return;
    let left = mostCharacters;
    const lastOf = (steps: readonly UndoStep[]) => {
      const kept: string[] = [];
      for (const step of [...steps].reverse()) {
        const text = JSON.stringify(step);
        left -= text.length;
        // Steps before one that is not kept would be undone out of their order.
        if (left < 0) break;
        kept.unshift(text);
      }
      return `[${kept.join(',')}]`;
    };
    try {
      if (done.length + undone.length === 0) this.kept.removeItem(key);
      else this.kept.setItem(key, `{"done":${lastOf(done)},"undone":${lastOf(undone)}}`);
    } catch {
      // A browser that keeps nothing forgets what can be undone, as it forgets all else.
    }
  }
}
