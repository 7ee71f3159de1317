import { resources, type ResourceName } from '@yellow-ledger/core';
import { useSyncExternalStore } from 'react';
import { z } from 'zod';
import { ask } from './ask';

const rowSchema = z.object({ id: z.string(), revision: z.number(), reason: z.string() });
const answerSchema = z.object({ damaged: z.array(rowSchema).default([]) });

/** A record that is kept and that nobody can read. */
export interface DamagedRow extends z.infer<typeof rowSchema> {
  name: DamagedKind;
}

export type DamagedKind = ResourceName | 'versions' | 'log';

/** The name of such a record in a sentence. */
export function labelOfDamaged(name: DamagedKind): string {
  if (name === 'versions') return 'version';
  return name === 'log' ? 'entry of the log' : resources[name].label;
}

function pathOf({ name, id, revision }: DamagedRow): string {
  if (name === 'log') return `/api/log/${encodeURIComponent(id)}`;
  if (name !== 'versions') return `/api/${name}/${encodeURIComponent(id)}?revision=${revision}`;
  const [recipeId, number] = id.split(' ');
  return `/api/recipes/${encodeURIComponent(recipeId)}/versions/${number}`;
}

let rows: readonly DamagedRow[] = [];
const told = new Set<() => void>();

function keep(next: readonly DamagedRow[]): void {
  rows = next;
  told.forEach((tell) => tell());
}

const isRow = (one: DamagedRow, other: DamagedRow) =>
  one.name === other.name && one.id === other.id;

/** Records the server could not read, by the last answer for each kind. */
export const damagedRows = {
  now: () => rows,

  /**
   * @param answer of the server to the question for a list
   * @param more of it that this page could not read
   */
  take(name: DamagedKind, answer: unknown, more: readonly Omit<DamagedRow, 'name'>[] = []): void {
    const read = answerSchema.safeParse(answer);
    const damaged = [...(read.success ? read.data.damaged : []), ...more];
    const others = rows.filter((row) => row.name !== name);
    if (damaged.length === 0 && others.length === rows.length) return;
    keep([...others, ...damaged.map((row) => ({ ...row, name }))]);
  },

  /** Deletes one for good. @returns why it could not be; null when it is gone */
  async remove(row: DamagedRow): Promise<string | null> {
    const answer = await ask(pathOf(row), { method: 'DELETE' });
    if ('error' in answer) return answer.error.message;
    keep(rows.filter((each) => !isRow(each, row)));
    return null;
  },
};

export const useDamagedRows = (): readonly DamagedRow[] =>
  useSyncExternalStore((tell) => {
    told.add(tell);
    return () => told.delete(tell);
  }, damagedRows.now);
