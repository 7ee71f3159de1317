import { useMembersQuery } from './clubApi';
import { useMembership } from './membership';

/** What members are called, by their identifiers. */
export function useMemberNames(): (memberId: string | null) => string {
  const membership = useMembership();
  const me = membership.is === 'in' ? membership.me.member : null;
  const { data: members } = useMembersQuery(undefined, { skip: !me || me.role === 'guest' });
  return (memberId) =>
    members?.find(({ id }) => id === memberId)?.name ??
    (memberId !== null && memberId === me?.id ? me.name : 'a former member');
}
