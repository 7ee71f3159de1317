import { holderOf, type EntryOf, type LogEntry } from '../entry';
import { standing } from '../standing';

/** Something on a surface that was left for later, and on which models it still is to be done. */
export interface PutOff {
  /** the army, or the bench of a figure of no army */
  holderId: string;
  unitId: string;
  surfaceId: string;
  what: string;
  line: number;
  models: number[];
  /** the last time it was put off, to be written on from */
  entry: EntryOf<'later'>;
}

const isAboutLater: ReadonlySet<LogEntry['kind']> = new Set(['later', 'stripped', 'strike']);

/** All that is still to be done of what was put off, the oldest first. */
export function putOff(entries: readonly LogEntry[]): PutOff[] {
  if (!entries.some(({ kind }) => kind === 'later')) return [];
  const open = new Map<string, PutOff>();
  // Of a long log few entries say anything of it.
  for (const entry of standing(entries.filter(({ kind }) => isAboutLater.has(kind)))) {
    if (entry.kind === 'stripped') strip(open, entry);
    if (entry.kind !== 'later') continue;
    const { unitId, surfaceId, models } = entry.where;
    const holderId = holderOf(entry.where, entry.benchId);
    const what = entry.what.trim();
    const key = [holderId, unitId, surfaceId, entry.stepId, what.toLowerCase()].join(' ');
    const before = open.get(key)?.models ?? [];
    const after = entry.isDone
      ? before.filter((model) => !models.includes(model))
      : [...new Set([...before, ...models])].sort((one, other) => one - other);
    const last = entry.isDone ? (open.get(key)?.entry ?? entry) : entry;
    open.set(key, {
      holderId,
      unitId,
      surfaceId,
      what,
      line: entry.line,
      models: after,
      entry: last,
    });
  }
  return [...open.values()].filter(({ models }) => models.length > 0);
}

/** The entry that says it is done, on every model where it was still to be done. */
export function doneAfterAll(
  { entry, models }: PutOff,
  head: Pick<LogEntry, 'id' | 'at' | 'order' | 'by'>,
): EntryOf<'later'> {
  const { by: _by, note: _note, ...same } = entry;
  return { ...same, ...head, where: { ...entry.where, models }, isDone: true };
}

/** With its paint, what was left to do on a surface is gone too. */
function strip(open: Map<string, PutOff>, { where, benchId }: EntryOf<'stripped'>): void {
  for (const [key, each] of open)
    if (
      each.holderId === holderOf(where, benchId) &&
      each.unitId === where.unitId &&
      each.surfaceId === where.surfaceId
    )
      open.set(key, {
        ...each,
        models: each.models.filter((model) => !where.models.includes(model)),
      });
}
