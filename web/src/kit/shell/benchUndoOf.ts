import { firstIdOf, inOrder, standing, type LogEntry } from '@yellow-ledger/core';

/** Entries to be struck out so that the last thing done is undone, and so that it is done again. */
export interface BenchUndo {
  undo: LogEntry[];
  redo: LogEntry[];
}

/**
 * The entries that Ctrl Z and its opposite strike out. A correction is a strike and another entry in place of the
 * struck one: both go together.
 *
 * @param entries of one bench, in any order
 */
export function benchUndoOf(entries: readonly LogEntry[]): BenchUndo {
  const sorted = [...entries].sort(inOrder);
  const latest = sorted.at(-1);
  const counted = standing(sorted);
  const plain = { undo: counted.slice(-1), redo: latest?.kind === 'strike' ? [latest] : [] };
  if (latest?.kind !== 'strike') return plain;
  const byId = new Map(sorted.map((entry) => [entry.id, entry]));
  const struck = struckIn(sorted);
  const strikeOf = (id: string) =>
    sorted.findLast((each) => each.kind === 'strike' && each.of === id && !struck.has(each.id));
  const end = endOf(latest, byId);
  if (!end) return plain;
  const others = sorted.filter(
    ({ id, kind }) => kind !== 'strike' && id !== end.id && firstIdOf(id) === firstIdOf(end.id),
  );
  const inPlace = others.findLast(({ id }) => !struck.has(id));
  const endStrike = strikeOf(end.id);
  if (inPlace && endStrike) return { undo: [inPlace, endStrike], redo: [] };
  const undone = others.findLast(({ id }) => struck.has(id));
  const lifted = sorted.findLast((each) => each.kind === 'strike' && each.of === end.id);
  const strikes = [undone && strikeOf(undone.id), lifted && strikeOf(lifted.id)];
  if (undone && !struck.has(end.id) && strikes.every((each) => each !== undefined))
    return { undo: plain.undo, redo: strikes };
  return plain;
}

/** Identifiers of everything that is struck out, strikes too. */
function struckIn(sorted: readonly LogEntry[]): ReadonlySet<string> {
  const struck = new Set<string>();
  for (const entry of [...sorted].reverse())
    if (entry.kind === 'strike' && !struck.has(entry.id)) struck.add(entry.of);
  return struck;
}

/** The entry at the end of strikes of strikes; undefined where it is not known. */
function endOf(strike: LogEntry, byId: ReadonlyMap<string, LogEntry>): LogEntry | undefined {
  let entry: LogEntry | undefined = strike;
  while (entry?.kind === 'strike') entry = byId.get(entry.of);
  return entry;
}
