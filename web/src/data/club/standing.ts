import { may, type Action, type Relation, type ResourceName } from '@yellow-ledger/core';
import { useMembersQuery, useOwnersQuery, type Owned } from './clubApi';
import { useMembership } from './membership';

/** How a record stands to whoever sits here. */
export interface Standing {
  relation: Relation;
  /** whose it is, where it is a member’s */
  owner: Owned | null;
  /** what that member is called */
  ownerName: string | null;
}

/** Whether whoever sits here may do something to a record; all, to a ledger that is theirs alone. */
export type MayDo = (action: Action) => boolean;

/**
 * How a record stands to a member. Of others’ records only those are told of that are open to them.
 *
 * @param owner whose it is; undefined: the club’s
 */
export function relationTo(owner: Owned | undefined, memberId: string): Relation {
  if (!owner) return 'club';
  if (owner.memberId === memberId) return 'mine';
  return owner.mayWrite ? 'joint' : 'shared';
}

/** How a record stands to whoever sits here; null in a ledger alone, and until that is known. */
export function useStanding(kind: ResourceName, id: string): Standing | null {
  const membership = useMembership();
  const isAlone = membership.is !== 'in';
  const { data: owners } = useOwnersQuery(undefined, { skip: isAlone });
  const { data: members } = useMembersQuery(undefined, { skip: isAlone });
  if (isAlone || !owners) return null;
  const owner = owners.find((each) => each.kind === kind && each.id === id) ?? null;
  const relation = relationTo(owner ?? undefined, membership.me.member.id);
  const ownerName = owner && (members?.find((each) => each.id === owner.memberId)?.name ?? null);
  return { relation, owner, ownerName };
}

/** Whether whoever sits here may make something of a kind, as their own or the club’s. */
export function useMayCreate(kind: ResourceName): boolean {
  const membership = useMembership();
  if (membership.is !== 'in') return true;
  const { role } = membership.me.member;
  return may(role, 'mine', 'create', kind) || may(role, 'club', 'create', kind);
}

/** The rights of the member here to a record, by the table the server asks too. */
export function useMay(kind: ResourceName, id: string): MayDo {
  const membership = useMembership();
  const standing = useStanding(kind, id);
  if (membership.is !== 'in') return () => true;
  const { role } = membership.me.member;
  return (action) => standing === null || may(role, standing.relation, action, kind);
}
