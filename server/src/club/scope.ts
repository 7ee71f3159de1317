import {
  belongsTo,
  may,
  resources,
  type Action,
  type AnyRecord,
  type LogEntry,
  type Matter,
  type ResourceName,
} from '@yellow-ledger/core';
import type { Response } from 'express';
import type { RecordStore } from '../db/recordStore';
import type { Sender } from '../log/logStore';
import { notFound, Problem } from '../http/problem';
import { relationOf, type Owner, type OwnerStore } from './ownerStore';
import type { Who } from './club';

/** What of a ledger is open to whoever asks: all of it to who has it alone. */
export interface Scope {
  /** who asks, in a club */
  sender: Sender | null;
  /** Which records of a kind are seen. */
  seen(kind: ResourceName): Promise<(id: string) => boolean>;
  /** Which are theirs, with the pots that those draw from. */
  own(kind: ResourceName): Promise<(id: string) => boolean>;
  /**
   * Refuses what may not be done to some records.
   *
   * @param matter what the right is about, where that is not the kind itself
   * @throws Problem 404 for one that is not seen, 403
   */
  refuse(
    action: Action,
    kind: ResourceName,
    ids: readonly string[],
    matter?: Matter,
  ): Promise<void>;
  /**
   * Refuses entries of the log on a bench, or of an army, that is not worked on together.
   *
   * @throws Problem 403
   */
  beforeLogging(entries: readonly LogEntry[]): Promise<void>;
  /**
   * The same before records are written; those that are new become whose they are to be first, so
   * that nobody else ever sees them.
   */
  beforeWriting(kind: ResourceName, records: readonly AnyRecord[]): Promise<void>;
}

const notYours = () => new Problem(403, 'not-yours', 'That is not yours to do in this club.');

/** Of a ledger that is somebody’s alone. */
export const everything: Scope = {
  sender: null,
  seen: async () => () => true,
  own: async () => () => true,
  refuse: async () => undefined,
  beforeWriting: async () => undefined,
  beforeLogging: async () => undefined,
};

/** Of a member: by the table of rights, and by whose each record is. */
export function scopeOfMember(
  { member: { id: memberId, name, role } }: Who,
  owners: OwnerStore,
): Scope {
  const canLook = (owner: Owner | null, matter: Matter) =>
    may(role, relationOf(owner, memberId), 'look', matter);

  /** What is drawn from is seen with what draws from it: a recipe without its pots shows nothing. */
  const drawnInSight = (kind: ResourceName) =>
    kind === 'pots' ? owners.potsDrawnInSight(memberId) : Promise.resolve(new Set<string>());

  async function refuseUnlessMay(
    owner: Owner | null,
    action: Action,
    kind: ResourceName,
    id: string,
    matter: Matter = kind,
  ) {
    if (may(role, relationOf(owner, memberId), action, matter)) return;
    const isSeen = canLook(owner, kind) || (await drawnInSight(kind)).has(id);
    if (isSeen && action === 'look') return;
    // What somebody does not see is not told from what is not there.
    throw isSeen ? notYours() : notFound(resources[kind].label);
  }

  return {
    sender: { memberId, name, strikesAny: may(role, 'club', 'delete', 'log') },

    async seen(kind) {
      if (!canLook(null, kind)) return () => false;
      const hidden = new Set<string>();
      for (const owned of await owners.list(kind)) if (!canLook(owned, kind)) hidden.add(owned.id);
      if (hidden.size > 0) for (const id of await drawnInSight(kind)) hidden.delete(id);
      return (id) => !hidden.has(id);
    },

    async own(kind) {
      const own = kind === 'pots' ? await owners.potsDrawnBy(memberId) : new Set<string>();
      for (const owned of await owners.list(kind))
        if (owned.memberId === memberId) own.add(owned.id);
      return (id) => own.has(id);
    },

    async refuse(action, kind, ids, matter = kind) {
      const known = await owners.among(kind, ids);
      for (const id of ids) await refuseUnlessMay(known.get(id) ?? null, action, kind, id, matter);
    },

    async beforeLogging(entries) {
      const holders = new Set(entries.map(({ benchId }) => benchId));
      for (const id of holders) {
        const owner = await owners.ofAny([
          { kind: 'benches', id },
          { kind: 'armies', id },
        ]);
        if (!may(role, relationOf(owner, memberId), 'write', 'benches')) throw notYours();
      }
    },

    async beforeWriting(kind, records) {
      for (const record of records) {
        const { isThere, owner } = await owners.of(kind, record.id);
        if (isThere) {
          await refuseUnlessMay(owner, 'write', kind, record.id);
          continue;
        }
        const holder = await owners.ofAny(belongsTo(kind, record));
        // A thing of the club’s army is the club’s: it is painted by many.
        if (holder === null && !owner && may(role, 'club', 'create', kind)) continue;
        if (!may(role, 'mine', 'create', kind)) throw notYours();
        const now = await owners.claim(kind, record.id, memberId);
        // Deleted by another, it is still theirs to bring back.
        if (now.memberId !== memberId) throw notFound(resources[kind].label);
        if (holder?.memberId === memberId && holder.isShared && !now.isShared)
          await owners.set(kind, record.id, holder);
      }
    },
  };
}

/** Whose scope a request has; set by the gate of a club, and everything where there is none. */
export const scopeOf = (response: Response): Scope =>
  (response.locals as { scope?: Scope }).scope ?? everything;

/** A store of records as it is open to who asks. */
export function storeWithin<Content extends AnyRecord>(
  store: RecordStore<Content>,
  kind: ResourceName,
  scope: Scope,
): Pick<RecordStore<Content>, 'listWithDamaged' | 'get' | 'put' | 'remove'> {
  if (!scope.sender) return store;
  return {
    async listWithDamaged() {
      const isSeen = await scope.seen(kind);
      const { items, damaged } = await store.listWithDamaged();
      return {
        items: items.filter(({ content }) => isSeen(content.id)),
        damaged: damaged.filter(({ id }) => isSeen(id)),
      };
    },
    async get(id) {
      await scope.refuse('look', kind, [id]);
      return store.get(id);
    },
    async put(content, revision) {
      await scope.beforeWriting(kind, [content]);
      return store.put(content, revision);
    },
    async remove(id, revision) {
      await scope.refuse('delete', kind, [id]);
      await store.remove(id, revision);
    },
  };
}
