import type { ResourceName } from '@yellow-ledger/core';
import { useMemo } from 'react';
import { useOwnersQuery } from './clubApi';
import { useMembership } from './membership';
import { useMemberNames } from './useMemberNames';

/** The name for everybody's things. */
export const theClubs = 'the club’s';

/** Says whose a record of a kind is; null in a ledger alone, where all of it is its owner’s. */
export function useWhose(kind: ResourceName): ((id: string) => string) | null {
  const membership = useMembership();
  const isOfClub = membership.is === 'in';
  const { data: owners } = useOwnersQuery(undefined, { skip: !isOfClub });
  const nameOf = useMemberNames();
  const memberIds = useMemo(
    () =>
      new Map(
        owners?.flatMap((owned) =>
          owned.kind === kind ? [[owned.id, owned.memberId] as const] : [],
        ),
      ),
    [owners, kind],
  );
  const me = membership.is === 'in' ? membership.me.member.id : null;
  return useMemo(() => {
    if (me === null) return null;
    return (id) => {
      const memberId = memberIds.get(id);
      if (memberId === undefined) return theClubs;
      return memberId === me ? 'mine' : nameOf(memberId);
    };
  }, [me, memberIds, nameOf]);
}
