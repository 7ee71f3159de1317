import type { Remote } from 'comlink';
import { selectCollection, type LedgerData, type Collection } from '../data/ledgerData';
import { memberships } from '../data/club/membership';
import { painterHere } from '../data/log/painterHere';
import type { RootState } from '../data/rootState';
import type { LedgerWorker } from './ledger.worker';
import { idOf, type PartChange } from './shared/ledgerData';

/**
 * Tells a worker what is in hand before it is asked, and of what was told before only what has
 * changed: messages keep their order.
 */
export class WorkerSync {
  private readonly told = new Map<Collection, LedgerData[Collection]>();
  private painter: string | null = null;

  constructor(private readonly worker: Remote<LedgerWorker>) {}

  tell(state: RootState, parts: readonly Collection[]): Remote<LedgerWorker> {
    const changes = parts.flatMap((part) => {
      const now = selectCollection(state, part) ?? [];
      const before = this.told.get(part);
      if (before === now) return [];
      this.told.set(part, now);
      return [changeOf(part, before, now)];
    });
    this.tellPainter();
    if (changes.length > 0)
      this.worker.setLedgerData(changes).catch(() => {
        // Changes that did not arrive are sent whole the next time; it shows in the answer to this question.
        changes.forEach(({ part }) => this.told.delete(part));
      });
    return this.worker;
  }

  /** In a club the figures of a hand are learnt from what that hand has painted. */
  private tellPainter(): void {
    const painter = memberships.now().is === 'in' ? painterHere.name() : null;
    if (painter === this.painter) return;
    this.painter = painter;
    this.worker.setPainter(painter).catch(() => {
      this.painter = null;
    });
  }
}

function changeOf(
  part: Collection,
  before: LedgerData[Collection] | undefined,
  now: LedgerData[Collection],
): PartChange {
  if (!before) return { part, put: [...now], gone: [], isWhole: true };
  // Going through all of a long log at each press would take longer than the press itself.
  const same = sameBeginning(before, now);
  const [old, fresh] = [before.slice(same), now.slice(same)];
  const known = new Set<unknown>(old);
  const ids = new Set(fresh.map(idOf));
  return {
    part,
    put: fresh.filter((thing) => !known.has(thing)),
    gone: old.flatMap((thing) => (ids.has(idOf(thing)) ? [] : [idOf(thing)])),
    isWhole: false,
  };
}

/** How many things two lists have in common at their beginning. */
function sameBeginning(before: readonly unknown[], now: readonly unknown[]): number {
  const shorter = Math.min(before.length, now.length);
  let same = 0;
  while (same < shorter && before[same] === now[same]) same++;
  return same;
}
