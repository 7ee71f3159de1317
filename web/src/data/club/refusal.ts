import {
  belongsTo,
  may,
  resources,
  type Action,
  type AnyRecord,
  type LogEntry,
  type Relation,
  type ResourceName,
} from '@yellow-ledger/core';
import { cachedRecord } from '../ledgerData';
import type { RootState } from '../rootState';
import { clubApi } from './clubApi';
import type { Membership } from './membership';
import { relationTo } from './standing';

const selectOwners = clubApi.endpoints.owners.select();

/** How a record stands to a member; null until it is known whose what is. */
export function relationIn(
  state: RootState,
  memberId: string,
  kind: ResourceName,
  id: string,
): Relation | null {
  const owners = selectOwners(state as never).data;
  if (!owners) return null;
  return relationTo(
    owners.find((each) => each.kind === kind && each.id === id),
    memberId,
  );
}

const whose: Partial<Record<Relation, string>> = {
  club: 'the club’s',
  shared: 'another member’s',
  joint: 'another member’s',
};

/**
 * Why something may not be written, in a sentence; null where it may, by the table of rights the
 * server asks too.
 *
 * @param record as it is to be; null where it is to be deleted
 */
export function refusalToWrite(
  state: RootState,
  membership: Membership,
  kind: ResourceName,
  id: string,
  record: AnyRecord | null,
): string | null {
  if (membership.is !== 'in') return null;
  const { id: memberId, role } = membership.me.member;
  const { label } = resources[kind];
  const isNew = !cachedRecord(state, kind, id);
  if (isNew) {
    const isJoint = record !== null && belongsTo(kind, record).length > 0;
    if (may(role, 'mine', 'create', kind) || (isJoint && may(role, 'club', 'create', kind)))
      return null;
    return 'Guests look: a manager can make you a painter.';
  }
  const action: Action = record === null ? 'delete' : 'write';
  const relation = relationIn(state, memberId, kind, id);
  if (relation === null || may(role, relation, action, kind)) return null;
  return `This ${label} is ${whose[relation] ?? 'not yours'}: ${wayOut(kind, relation)}`;
}

function wayOut(kind: ResourceName, relation: Relation): string {
  if (kind === 'recipes') return 'copy it as a variant of your own, and propose that to the club.';
  return relation === 'club' ? 'a manager does that.' : 'they do that themselves.';
}

/** Why entries may not be written into the log, in a sentence; null where they may. */
export function refusalToLog(
  state: RootState,
  membership: Membership,
  entries: readonly LogEntry[],
): string | null {
  if (membership.is !== 'in') return null;
  const { id: memberId, role } = membership.me.member;
  if (!may(role, 'mine', 'create', 'log')) return 'Guests look: a manager can make you a painter.';
  for (const { benchId } of entries) {
    const kind = cachedRecord(state, 'armies', benchId) ? 'armies' : 'benches';
    const relation = relationIn(state, memberId, kind, benchId);
    if (relation !== null && !may(role, relation, 'write', 'benches'))
      return 'This is another member’s table: what is painted on it they note themselves.';
  }
  return null;
}
