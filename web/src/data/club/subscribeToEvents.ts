import { keptSchema, resources, type AnyRecord, type ResourceName } from '@yellow-ledger/core';
import type { z } from 'zod';
import { ask } from '../ask';
import { applyDeleted, applyRemote, applySaved } from '../serverCache';
import { cachedRecord } from '../ledgerData';
import { everyTag, ledgerApi } from '../ledgerApi';
import type { Store } from '../store';
import { clubApi, clubTags } from './clubApi';
import { ClubEvents, type EventSubscriber } from './clubEvents';
import { memberships } from './membership';

/** Keeps what is in hand as it is in the club, as others write. */
export function subscribeToEvents(store: Store, memberId: string): void {
  const again = (tags: readonly unknown[]) =>
    store.dispatch(ledgerApi.util.invalidateTags(tags as never) as never);
  const houseAgain = (tags: readonly unknown[]) =>
    store.dispatch(clubApi.util.invalidateTags(tags as never) as never);

  const inHand = (kind: ResourceName) => ledgerApi.endpoints.records.select(kind)(store.getState());

  async function look(kind: ResourceName, id: string): Promise<void> {
    const answer = await ask(`/api/${kind}/${encodeURIComponent(id)}`);
    const before = cachedRecord(store.getState(), kind, id);
    if ('error' in answer) {
      if (answer.error.status === 404 && before) applyDeleted(store, kind, id, before.revision);
      return;
    }
    const schema = keptSchema(resources[kind].schema as z.ZodType<AnyRecord>);
    const read = schema.safeParse(answer.data);
    // A later answer may have come earlier.
    if (!read.success || read.data.revision < (before?.revision ?? 0)) return;
    applySaved(store, kind, read.data);
    // A record that comes into sight brings its versions and the pots it draws from.
    if (!before && kind === 'recipes') again(['pots', 'versions']);
  }

  const taker: EventSubscriber = {
    entries: (items) => applyRemote(store, items),
    records(kind, ids) {
      const { data, status } = inHand(kind);
      // A record just on its way may be as it was before: it is asked for once more.
      if (ids === null || status === 'pending') again([kind]);
      else if (data) ids.forEach((id) => void look(kind, id));
    },
    others(kind) {
      if (kind === 'versions') again(['versions']);
      else {
        // One’s own role may be another now.
        if (kind === 'members') void memberships.look();
        // A proposal is looked at with the pots it draws from.
        if (kind === 'proposals') again(['pots']);
        const tag = clubTags.find((each) => each === kind);
        if (tag) houseAgain([tag]);
      }
    },
    anew() {
      again(everyTag);
      houseAgain(clubTags);
    },
    out: () => memberships.wentOut(),
  };
  new ClubEvents(taker, memberId).begin();
}
