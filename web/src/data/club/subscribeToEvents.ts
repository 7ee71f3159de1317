import { keptSchema, resources, type AnyRecord, type ResourceName } from '@yellow-ledger/core';
import type { z } from 'zod';
import { ask } from '../ask';
import { forgotten, nowHeard, nowKept } from '../serverCache';
import { givenRecord } from '../ledgerData';
import { everyTag, ledgerApi } from '../ledgerApi';
import type { Store } from '../store';
import { clubApi, houseTags } from './clubApi';
import { ClubNews, type NewsTaker } from './clubEvents';
import { memberships } from './membership';

/** Keeps what is in hand as it is in the club, as others write. */
export function hearNews(store: Store, memberId: string): void {
  const again = (tags: readonly unknown[]) =>
    store.dispatch(ledgerApi.util.invalidateTags(tags as never) as never);
  const houseAgain = (tags: readonly unknown[]) =>
    store.dispatch(clubApi.util.invalidateTags(tags as never) as never);

  const inHand = (kind: ResourceName) => ledgerApi.endpoints.records.select(kind)(store.getState());

  async function look(kind: ResourceName, id: string): Promise<void> {
    const answer = await ask(`/api/${kind}/${encodeURIComponent(id)}`);
    const before = givenRecord(store.getState(), kind, id);
    if ('error' in answer) {
      if (answer.error.status === 404 && before) forgotten(store, kind, id, before.revision);
      return;
    }
    const schema = keptSchema(resources[kind].schema as z.ZodType<AnyRecord>);
    const read = schema.safeParse(answer.data);
    // What was fetched later may have come earlier.
    if (!read.success || read.data.revision < (before?.revision ?? 0)) return;
    nowKept(store, kind, read.data);
    // What comes into sight brings its versions and the pots it draws from.
    if (!before && kind === 'recipes') again(['pots', 'versions']);
  }

  const taker: NewsTaker = {
    entries: (items) => nowHeard(store, items),
    records(kind, ids) {
      const { data, status } = inHand(kind);
      // What is just on its way here may be as it was before: it is asked for once more.
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
        const tag = houseTags.find((each) => each === kind);
        if (tag) houseAgain([tag]);
      }
    },
    anew() {
      again(everyTag);
      houseAgain(houseTags);
    },
    out: () => memberships.wentOut(),
  };
  new ClubNews(taker, memberId).begin();
}
