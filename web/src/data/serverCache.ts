import type { AnyRecord, Kept, LogEntry, ResourceName } from '@yellow-ledger/core';
import { original } from '@reduxjs/toolkit';
import { ackedWrites } from './outbox/ackedWrites';
import { ledgerApi, newerEntries, withEntries, withItems } from './ledgerApi';
import type { LedgerStore } from './rootState';

/** Applies to the cache what the server has changed by a write, so that it need not be fetched. */
type Store = Pick<LedgerStore, 'dispatch'>;

/** A record is on the server as it is kept now. */
export function applySaved({ dispatch }: Store, name: ResourceName, kept: Kept<AnyRecord>): void {
  ackedWrites.record(name, kept);
  update({ dispatch }, name, (list) => {
    const index = list.findIndex(({ content }) => content.id === kept.content.id);
    return index < 0 ? [...list, kept] : list.with(index, kept);
  });
}

/** A record is no longer on the server. @param revision it had there */
export function applyDeleted(
  { dispatch }: Store,
  name: ResourceName,
  id: string,
  revision: number,
): void {
  ackedWrites.deleted(name, id, revision);
  update({ dispatch }, name, (list) => list.filter(({ content }) => content.id !== id));
}

function update(
  { dispatch }: Store,
  name: ResourceName,
  change: (list: Kept<AnyRecord>[]) => Kept<AnyRecord>[],
): void {
  dispatch(
    // The list itself and no draft of it: looking through a draft of thousands takes longer than a frame.
    ledgerApi.util.updateQueryData('records', name, (list) =>
      change(original(list) ?? list),
    ) as never,
  );
}

/** Entries are in the log of the server. */
export function applyWritten({ dispatch }: Store, entries: readonly LogEntry[]): void {
  ackedWrites.written(entries);
  dispatch(
    ledgerApi.util.updateQueryData('log', undefined, (log) =>
      withEntries(original(log) ?? log, entries),
    ) as never,
  );
}

/** Entries that others have written, with their sequence. */
export function applyRemote({ dispatch }: Store, items: Parameters<typeof withItems>[1]): void {
  // The log may just be on its way here, as it was before these.
  ackedWrites.written(items.map(({ entry }) => entry));
  dispatch(
    ledgerApi.util.updateQueryData('log', undefined, (log) =>
      withItems(original(log) ?? log, items),
    ) as never,
  );
}

/** Looks what others have written into the log since. */
export async function lookForEntries({ dispatch, getState }: LedgerStore): Promise<void> {
  const { data } = ledgerApi.endpoints.log.select()(getState() as never);
  if (!data) return;
  const items = await newerEntries(data.sequence).catch(() => []);
  if (items.length > 0) applyRemote({ dispatch }, items);
}
