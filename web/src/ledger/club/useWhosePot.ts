import { ownerOf, type Pot } from '@yellow-ledger/core';
import { useMemo } from 'react';
import { useOwnersQuery } from './clubApi';
import { useMembership } from './membership';
import { useMemberNames } from './useMemberNames';

/** Whose shelf a pot stands on, as it is said; in a ledger alone what its owner wrote. */
export function useWhosePot(): (pot: Pot) => string {
  const membership = useMembership();
  const isOfClub = membership.is === 'in';
  const { data: owners } = useOwnersQuery(undefined, { skip: !isOfClub });
  const nameOf = useMemberNames();
  const memberIds = useMemo(
    () =>
      new Map(
        owners?.flatMap(({ kind, id, memberId }) =>
          kind === 'pots' ? [[id, memberId] as const] : [],
        ),
      ),
    [owners],
  );
  if (!isOfClub) return ownerOf;
  const me = membership.me.member.id;
  return ({ id }) => {
    const memberId = memberIds.get(id);
    if (memberId === undefined) return 'the club’s';
    return memberId === me ? 'mine' : nameOf(memberId);
  };
}
