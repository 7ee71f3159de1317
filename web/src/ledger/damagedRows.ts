import type { ResourceName } from '@yellow-ledger/core';
import { useSyncExternalStore } from 'react';
import { z } from 'zod';
import { ask } from './ask';

const rowSchema = z.object({ id: z.string(), revision: z.number(), reason: z.string() });
const answerSchema = z.object({ damaged: z.array(rowSchema).default([]) });

/** A record that is kept and that nobody can read. */
export interface DamagedRow extends z.infer<typeof rowSchema> {
  name: ResourceName;
}

let rows: readonly DamagedRow[] = [];
const told = new Set<() => void>();

function keep(next: readonly DamagedRow[]): void {
  rows = next;
  told.forEach((tell) => tell());
}

const isRow = (one: DamagedRow, other: DamagedRow) =>
  one.name === other.name && one.id === other.id;

/** What the server could not read, by the last answer for each kind. */
export const damagedRows = {
  now: () => rows,

  /** @param answer of the server to the question for a list */
  take(name: ResourceName, answer: unknown): void {
    const read = answerSchema.safeParse(answer);
    const damaged = read.success ? read.data.damaged : [];
    const others = rows.filter((row) => row.name !== name);
    if (damaged.length === 0 && others.length === rows.length) return;
    keep([...others, ...damaged.map((row) => ({ ...row, name }))]);
  },

  /** Deletes one for good. @returns why it could not be; null when it is gone */
  async remove(row: DamagedRow): Promise<string | null> {
    const { name, id, revision } = row;
    const path = `/api/${name}/${encodeURIComponent(id)}?revision=${revision}`;
    const answer = await ask(path, { method: 'DELETE' });
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
