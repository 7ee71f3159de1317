import { memberships } from '../club/membership';
import { ledgerIdentity } from '../ledgerIdentity';
import { holdCollection, type Collection } from '../ledgerData';
import type { Store } from '../store';
import { KeptUndo } from './keptUndo';
import { undoActions } from './undoSlice';

const keyPrefix = 'undo of ';

/** Forgets it for everybody: this browser is logged out. */
export function forgetUndo(kept: Storage = sessionStorage): void {
  for (const key of Object.keys(kept)) if (key.startsWith(keyPrefix)) kept.removeItem(key);
}

/** Has what can be undone survive a reload, until this browser is logged out. */
export function keepUndo(store: Store): void {
  const kept = new KeptUndo(sessionStorage, () =>
    memberships.now().is === 'out' ? null : keyPrefix + ledgerIdentity.storeName,
  );
  const before = kept.last();
  if (before) {
    store.dispatch(undoActions.restored(before));
    // Undoing compares with what is there now, which has to be in hand.
    const steps = [...before.done, ...before.undone];
    const parts = new Set<Collection>(
      steps.flatMap(({ records }) => records.map(({ name }) => name)),
    );
    if (steps.some(({ entries }) => entries.length > 0)) parts.add('log');
    for (const part of parts) holdCollection(store.dispatch, part);
  }
  const keep = () => kept.keep(store.getState().deeds);
  window.addEventListener('pagehide', keep);
  // A phone may end a page that is not in front without another word.
  document.addEventListener('visibilitychange', () => document.hidden && keep());
  memberships.listen(() => {
    if (memberships.now().is === 'out') forgetUndo();
  });
}
