import { useMembership } from '../../data/club/membership';

/** Says to a guest, before anything is pressed, why nothing can be changed. */
export function GuestMark() {
  const membership = useMembership();
  if (membership.is !== 'in' || membership.me.member.role !== 'guest') return null;
  return (
    <div className="page guest-mark">
      <p role="note">
        You are a guest: you look at what the club shows. To paint along, ask a manager to make you
        a painter.
      </p>
    </div>
  );
}
