import { isSameContent, mergeContents, type LogEntry } from '@yellow-ledger/core';
import { selectCollection } from '../ledgerData';
import { strikesOf } from '../log/strikes';
import type { WritingHand } from '../outbox/writingHand';
import type { RootState } from '../rootState';
import { undoActions, type UndoStep, type RecordChange } from './undoSlice';

/** Whether all is in hand that a step is compared with: after a reload it is fetched first. */
const isInHand = (state: RootState, { records, entries }: UndoStep): boolean =>
  records.every(({ name }) => selectCollection(state, name) !== undefined) &&
  (entries.length === 0 || selectCollection(state, 'log') !== undefined);

/** Undoes the last deed of a scope, which may still be on its way. */
export function undoneBy(writer: WritingHand, scope: string | null): UndoStep | null {
  const { done } = writer.store.getState().deeds;
  const deed = done.findLast((each) => each.scope === scope);
  if (!deed) return null;
  const back = deed.records.map(({ name, before, after }) => ({
    name,
    before: after,
    after: before,
  }));
  const strikes = bring(writer, deed, back);
  if (strikes) writer.store.dispatch(undoActions.undone({ deed, entries: strikes }));
  return strikes && deed;
}

/** Does again what was undone last. */
export function redoneBy(writer: WritingHand, scope: string | null): UndoStep | null {
  const { undone } = writer.store.getState().deeds;
  const deed = undone.findLast((each) => each.scope === scope);
  if (!deed) return null;
  const strikes = bring(writer, deed, deed.records);
  if (strikes) writer.store.dispatch(undoActions.redone({ deed, entries: strikes }));
  return strikes && deed;
}

/**
 * Writes records from what they are to what they were, and strikes out what was entered. What
 * somebody else has changed meanwhile stays.
 *
 * @returns the strikes; null where nothing could be done
 */
function bring(
  writer: WritingHand,
  step: UndoStep,
  changes: readonly RecordChange[],
): LogEntry[] | null {
  const { label, entries, scope } = step;
  if (!isInHand(writer.store.getState(), step)) {
    writer.notice('Press once more in a moment: what was there is still being fetched.');
    return null;
  }
  for (const { name, before, after } of changes) {
    const id = (before ?? after)?.id ?? '';
    const shown = writer.shown(name, id);
    if (!isSameContent(shown, before) && (shown === null || before === null || after === null)) {
      writer.notice(
        `“${label}” was not done: it was changed elsewhere in the meantime, and that is kept.`,
      );
      return null;
    }
  }
  for (const { name, before, after } of changes) {
    const id = (before ?? after)?.id ?? '';
    const shown = writer.shown(name, id);
    const how = scope === null ? {} : { whenStale: 'ask' as const, restMs: 500 };
    if (isSameContent(shown, before) || shown === null || before === null || after === null) {
      writer.write(name, id, after, how);
      continue;
    }
    const { merged, isContested } = mergeContents(before, after, shown);
    writer.write(name, id, merged, how);
    if (isContested) writer.notice('What was changed elsewhere in the meantime is kept.');
  }
  const strikes = strikesOf(writer.store.getState(), entries);
  if (strikes.length > 0) writer.append(strikes);
  return strikes;
}
