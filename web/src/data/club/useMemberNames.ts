import { useCallback } from 'react';
import { useMembersQuery } from './clubApi';
import { useMembership } from './membership';

/** Names of members, by their identifiers; an ellipsis until they are known. */
export function useMemberNames(): (memberId: string | null) => string {
  const isOfClub = useMembership().is === 'in';
  const { data: members } = useMembersQuery(undefined, { skip: !isOfClub });
  return useCallback(
    (memberId) => {
      if (!members) return '…';
      return members.find(({ id }) => id === memberId)?.name ?? 'a former member';
    },
    [members],
  );
}
