import { counted } from '@yellow-ledger/core';
import { useMembership } from '../../data/club/membership';
import { useAppSelector } from '../../data/store';
import { Problem } from '../Problem';

/** Says above every page that this device is not in the club any more, and what waits here. */
export function OutMark() {
  const membership = useMembership();
  const waiting = useAppSelector(
    ({ writing }) => Object.keys(writing.records).length + writing.entries.length,
  );
  if (membership.is !== 'out') return null;
  return (
    <div className="page" style={{ paddingBottom: 0 }}>
      <Problem role="status">
        This device is not in the club any more: its time is over, or a manager or you yourself
        ended it.{' '}
        {waiting > 0 &&
          `${counted(waiting, 'thing')} you did could not be sent. It is kept in this browser for you, and sent when you log in again. `}
        <a href="/come-in">Log in</a>
      </Problem>
    </div>
  );
}
