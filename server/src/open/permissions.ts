import {
  isOpaqueId,
  belongsTo,
  kinds,
  may,
  referencesOf,
  type Action,
  type AnyRecord,
  type LogEntry,
  type PermissionSubject,
  type ResourceName,
} from '@yellow-ledger/core';
import type { Knex } from 'knex';
import { notFound, Problem } from '../http/problem';
import type { Asker } from './asker';
import { standingOf, type Standing } from './standing';

const notYours = () => new Problem(403, 'not-yours', 'That is not yours to do in this club.');

/** Kinds that a log entry is written under: one identifier means one of the two. */
const holderKinds = ['benches', 'armies'] as const;

/** Checks the rights of a member, by kind of record and by its owner. */
export class Permissions {
  constructor(
    private readonly asker: Asker,
    private readonly within: Knex | Knex.Transaction,
  ) {}

  private may(
    standing: Pick<Standing, 'relation'>,
    action: Action,
    matter: PermissionSubject,
  ): boolean {
    return may(this.asker.role, standing.relation, action, matter);
  }

  private async of(kind: ResourceName, id: string): Promise<Standing> {
    const found = (await standingOf(kind, [id], this.asker.memberId, this.within)).get(id);
    if (!found) throw new Error(`${kind} ${id} has no standing`);
    return found;
  }

  /**
   * Refuses what may not be done to a record.
   *
   * @param matter what the right is about, where that is not the kind itself
   * @throws Problem 404 for one that is not seen, 403
   */
  async refuse(
    action: Action,
    kind: ResourceName,
    id: string,
    matter: PermissionSubject = kind,
  ): Promise<void> {
    this.refuseTo(await this.of(kind, id), action, kind, matter);
  }

  private refuseTo(
    standing: Standing,
    action: Action,
    kind: ResourceName,
    matter: PermissionSubject = kind,
  ) {
    if (this.may(standing, action, matter)) return;
    // A hidden record answers as one that does not exist.
    throw this.may(standing, 'look', kind) ? notYours() : notFound(kinds[kind].label);
  }

  /**
   * The same before a record is written. One that is new becomes whose it is to be in the same
   * transaction: nobody else ever sees it, and a write that fails leaves nothing behind.
   *
   * @throws Problem 404, 403
   */
  async beforeWriting(
    kind: ResourceName,
    record: AnyRecord,
    within: Knex.Transaction,
  ): Promise<void> {
    const standing = await this.of(kind, record.id);
    if (standing.isThere) return this.refuseTo(standing, 'write', kind);
    if (isOpaqueId(record.id) || (await this.isOfOtherHolder(kind, record.id)))
      throw notFound(kinds[kind].label);
    // Deleted, it is still whose it was: theirs to bring back, or the club's.
    if (standing.ownerId !== null) {
      if (standing.relation !== 'mine') throw notFound(kinds[kind].label);
      return this.refuseTo(standing, 'create', kind);
    }
    const isOfClub = standing.isGone || (await this.belongsToClub(kind, record));
    if (isOfClub && may(this.asker.role, 'club', 'create', kind)) return;
    if (standing.isGone || !may(this.asker.role, 'mine', 'create', kind)) throw notYours();
    await within('owners').insert({
      kind,
      id: record.id,
      member_id: this.asker.memberId,
      is_shared: await this.isHolderShared(kind, record),
    });
  }

  /** A thing of the club's army is the club's: it is painted by many. */
  private async belongsToClub(kind: ResourceName, record: AnyRecord): Promise<boolean> {
    const holder = await this.holderOf(kind, record);
    return holder !== null && holder.ownerId === null;
  }

  private async isHolderShared(kind: ResourceName, record: AnyRecord): Promise<boolean> {
    const holder = await this.holderOf(kind, record);
    if (holder?.relation !== 'mine') return false;
    const row = await this.within<{ kind: string; id: string; is_shared: number }>('owners')
      .where({ kind: holder.kind, id: holder.id })
      .first();
    return Boolean(row?.is_shared);
  }

  private async holderOf(kind: ResourceName, record: AnyRecord) {
    for (const holder of belongsTo(kind, record)) {
      const standing = await this.of(holder.kind, holder.id);
      if (standing.isThere) return { ...standing, ...holder };
    }
    return null;
  }

  /** An army and a bench of one identifier would open the log of the one to whoever has the other. */
  private async isOfOtherHolder(kind: ResourceName, id: string): Promise<boolean> {
    const other = kind === 'benches' ? 'armies' : kind === 'armies' ? 'benches' : null;
    if (!other) return false;
    const standing = await this.of(other, id);
    return standing.isThere || standing.isGone || standing.ownerId !== null;
  }

  /**
   * Refuses entries on a bench, or of an army, that is another's to write on.
   *
   * @throws Problem 403
   */
  async beforeLogging(entries: readonly LogEntry[]): Promise<void> {
    const holders = new Set(
      entries.flatMap((entry) =>
        referencesOf('log', entry).flatMap(({ kinds: of, id }) =>
          of.some((kind) => holderKinds.some((each) => each === kind)) ? [id] : [],
        ),
      ),
    );
    for (const kind of holderKinds)
      for (const standing of (
        await standingOf(kind, [...holders], this.asker.memberId, this.within)
      ).values())
        if (!this.may(standing, 'write', 'benches')) throw notYours();
  }
}
